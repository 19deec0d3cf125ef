/** An answer computed in a worker, away from the page, so that typing and sliding never wait. */
import { releaseProxy, wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';

/**
 * The answer to the newest input; the one before stands until it is there, null before the first.
 * `create` and `ask` must be constants of their module.
 */
export const useAnswer = <Api extends object, Input, Answer>(
  create: () => Worker,
  ask: (remote: Remote<Api>, input: Input) => Promise<Answer>,
  input: Input | null,
): Answer | null => {
  const [answer, setAnswer] = useState<Answer | null>(null);
  const worker = useRef<Remote<Api> | null>(null);
  const asked = useRef(0);

  useEffect(() => {
    const thread = create();
    const remote = wrap<Api>(thread);
    worker.current = remote;
    return () => {
      worker.current = null;
      remote[releaseProxy]();
      thread.terminate();
    };
  }, [create]);

  useEffect(() => {
    if (input === null || !worker.current) return;
    asked.current += 1;
    const question = asked.current;
    void ask(worker.current, input).then((given) => {
      if (question === asked.current) setAnswer(given);
    });
  }, [ask, input]);

  return answer;
};
