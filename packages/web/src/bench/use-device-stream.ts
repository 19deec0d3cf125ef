/** The page's one stream of what its devices read; opened while anything is wanted of it. */
import type { DeviceTopic } from '@patient-edge/contract';
import { useEffect, useRef, useState } from 'react';

export type OnReading = (topic: DeviceTopic, message: unknown) => void;

interface Lost {
  readonly of: string;
  readonly topics: readonly DeviceTopic[];
}

/** Topics as text, so that the same choice is the same stream. Gives what has stopped answering. */
export const useDeviceStream = (
  topics: readonly DeviceTopic[],
  onReading: OnReading,
): readonly DeviceTopic[] => {
  const wanted = topics.join(',');
  const heard = useRef(onReading);
  // Of the stream that is open: another begins with nothing lost.
  const [lost, setLost] = useState<Lost>({ of: '', topics: [] });
  useEffect(() => {
    heard.current = onReading;
  });
  useEffect(() => {
    if (wanted === '') return;
    const asked = wanted.split(',') as DeviceTopic[];
    const query = asked.map((topic) => `topics=${topic}`).join('&');
    const source = new EventSource(`/api/devices/stream?${query}`);
    for (const topic of asked) {
      source.addEventListener(topic, ({ data }: MessageEvent<string>) =>
        heard.current(topic, JSON.parse(data)),
      );
    }
    source.addEventListener('gone', ({ data }: MessageEvent<string>) => {
      const { topic } = JSON.parse(data) as { topic: DeviceTopic };
      setLost((before) => ({
        of: wanted,
        topics: before.of === wanted ? [...before.topics, topic] : [topic],
      }));
    });
    // The browser opens it again by itself, except where it was refused.
    source.addEventListener('error', () => {
      if (source.readyState === EventSource.CLOSED) setLost({ of: wanted, topics: asked });
    });
    return () => source.close();
  }, [wanted]);
  return lost.of === wanted ? lost.topics : [];
};
