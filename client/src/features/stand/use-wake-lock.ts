import { useEffect } from 'react';

/** Keeps the screen on while the stand is open, where the browser can; it is asked again when the page comes back. */
export function useWakeLock(): void {
  useEffect(() => {
    const { wakeLock } = navigator;
    if (!wakeLock) return undefined;
    let lock: WakeLockSentinel | null = null;
    let closed = false;
    const ask = () => {
      if (document.visibilityState !== 'visible') return;
      wakeLock
        .request('screen')
        .then((got) => {
          if (closed) void got.release();
          else lock = got;
        })
        // An empty battery or a browser without leave: the screen then goes dark as it always does.
        .catch(() => undefined);
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      closed = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
}
