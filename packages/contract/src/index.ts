/** What crosses the wire, and what is refused at the door. */
export * from './validate';
export * from './wire';
export * from './schemas';
export * from './rack';
