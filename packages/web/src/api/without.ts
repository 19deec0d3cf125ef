/** What the server answered, as it takes it back: without what it adds itself. */
export const without = <T extends object, Key extends keyof T & string>(
  value: T,
  ...keys: readonly Key[]
): Omit<T, Key> =>
  Object.fromEntries(
    Object.entries(value).filter(([key]) => !keys.some((each) => each === key)),
  ) as Omit<T, Key>;
