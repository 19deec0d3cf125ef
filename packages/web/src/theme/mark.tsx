/** The mark of the product. */
export const Mark = () => (
  <svg width="17" height="24" viewBox="0 0 17 24" aria-hidden>
    <path
      d="M1 1h15L8.5 23z"
      fill="var(--steel)"
      stroke="var(--ink)"
      strokeWidth="1.6"
      strokeLinejoin="round"
    />
    <path d="M8.5 23 5.8 15h5.4z" fill="var(--accent)" />
  </svg>
);
