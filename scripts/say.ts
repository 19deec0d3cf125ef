/** Progress lines, and failures that say what to do. */
export const say = (line: string): void => {
  process.stdout.write(`${line}\n`);
};

/** A failure somebody can mend: what is wrong, and what to do. */
export class Trouble extends Error {
  constructor(
    message: string,
    readonly remedy: string,
  ) {
    super(message);
  }
}

/** Runs a command to its end; a Trouble is printed in words, anything else with its trace. */
export const runOrExplain = (work: () => Promise<number>): void => {
  work().then(
    (code) => {
      process.exitCode = code;
    },
    (error: unknown) => {
      if (error instanceof Trouble) {
        process.stderr.write(`\n${error.message}\n  → ${error.remedy}\n`);
      } else {
        process.stderr.write(
          `\n${error instanceof Error ? (error.stack ?? error.message) : String(error)}\n`,
        );
      }
      process.exitCode = 1;
    },
  );
};
