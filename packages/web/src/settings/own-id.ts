/** An id for what a shop adds itself: never given out twice, whatever was taken out since. */
export const freshOwnId = (): `own-${string}` => `own-${crypto.randomUUID().slice(0, 8)}`;
