/** A page that wants the whole screen: the bar of places and the heading of the blade stand back while it is shown. */
import { useLayoutEffect } from 'react';

export const useFullScreen = (): void => {
  useLayoutEffect(() => {
    document.documentElement.dataset['fullScreen'] = '';
    return () => {
      delete document.documentElement.dataset['fullScreen'];
    };
  }, []);
};
