/**
 * Which of several causes it probably is, from signs seen and not seen, and the check that tells most for its time.
 * Exactly one cause holds; signs are independent once the cause is known (naive Bayes; entropy in bits).
 */

export interface Cause {
  readonly id: string;
  /** How often it has been so, against the others; above 0. */
  readonly prior: number;
}

export interface Sign {
  readonly id: string;
  /** To look for it, above 0. */
  readonly minutes: number;
  /** How often it is seen where that cause holds, between 0 and 1. */
  readonly given: Readonly<Record<string, number>>;
  /** How often it is seen with a cause that is not named. */
  readonly otherwise: number;
}

export interface DiagnoseInput {
  readonly causes: readonly Cause[];
  readonly signs: readonly Sign[];
  /** By the id of the sign: seen, or looked for and not seen. */
  readonly seen: Readonly<Record<string, boolean>>;
}

export interface ProbableCause {
  readonly id: string;
  readonly probability: number;
}

export interface NextCheck {
  readonly id: string;
  /** How much is expected to be known after it, in bits. */
  readonly gainBits: number;
  readonly bitsPerMinute: number;
}

export interface Diagnosis {
  /** Most probable first; equal ones as given. */
  readonly causes: readonly ProbableCause[];
  /** Signs not looked for yet, those that tell most a minute first; equal ones as given. */
  readonly next: readonly NextCheck[];
}

const normalised = (weights: readonly number[]): number[] => {
  const sum = weights.reduce((all, each) => all + each, 0);
  return weights.map((each) => each / sum);
};

const entropyBits = (shares: readonly number[]): number =>
  shares.reduce((sum, share) => (share > 0 ? sum - share * Math.log2(share) : sum), 0);

const chanceOf = (sign: Sign, cause: string): number =>
  Object.hasOwn(sign.given, cause) ? sign.given[cause]! : sign.otherwise;

/** Falling, equal ones as they stood. */
const falling =
  <Each>(of: (each: Each) => number) =>
  (a: Each, b: Each): number =>
    of(b) - of(a);

/**
 * P(cause | signs) ∝ prior · Π P(sign | cause) or 1 − P; gain = entropy now − expected entropy after looking.
 *
 * @example
 * diagnose({ causes: [{ id: 'burr', prior: 3 }, { id: 'steel', prior: 1 }], signs: [], seen: {} }).causes[0].id; // "burr"
 */
export const diagnose = ({ causes, signs, seen }: DiagnoseInput): Diagnosis => {
  // Summed as logarithms: many signs would make the products too small to tell apart.
  const logs = causes.map(({ id, prior }) =>
    signs.reduce((sum, sign) => {
      const found = Object.hasOwn(seen, sign.id) ? seen[sign.id] : undefined;
      if (found === undefined) return sum;
      const chance = chanceOf(sign, id);
      return sum + Math.log(found ? chance : 1 - chance);
    }, Math.log(prior)),
  );
  const most = Math.max(...logs);
  const shares = normalised(logs.map((each) => Math.exp(each - most)));
  const now = entropyBits(shares);
  const next = signs
    .filter(({ id }) => !Object.hasOwn(seen, id))
    .map((sign): NextCheck => {
      const chances = causes.map(({ id }) => chanceOf(sign, id));
      const after = (isSeen: boolean): number => {
        const weights = shares.map(
          (share, index) => share * (isSeen ? chances[index]! : 1 - chances[index]!),
        );
        const total = weights.reduce((sum, each) => sum + each, 0);
        return total === 0 ? 0 : total * entropyBits(normalised(weights));
      };
      const gainBits = Math.max(0, now - after(true) - after(false));
      return { id: sign.id, gainBits, bitsPerMinute: gainBits / sign.minutes };
    });
  return {
    causes: causes
      .map(({ id }, index) => ({ id, probability: shares[index]! }))
      .sort(falling(({ probability }) => probability)),
    next: next.sort(falling(({ bitsPerMinute }) => bitsPerMinute)),
  };
};
