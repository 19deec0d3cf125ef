/** What stands where a page will be, from the first moment: the same as in the page as it is sent. */
export const Skeleton = ({ text }: { text: string }) => (
  <div data-skeleton>
    <span role="status">{text}</span>
    <i />
    <i />
    <i />
  </div>
);
