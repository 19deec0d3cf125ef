/** What crosses the wire, and what is refused at the door. */
export * from './validate';
export * from './readable';
export * from './shop-rules';
export * from './wire';
export * from './schemas';
export * from './intake-schemas';
export * from './judge-schemas';
export * from './return-schemas';
export * from './return-wire';
export * from './plan-schemas';
export * from './stone-schemas';
export * from './shelf-schemas';
export * from './rack';
export * from './rack-csv';
export * from './money';
export * from './plan-bodies';
export * from './job-state';
