import { useEffect } from "react";

/** The screen stays lit while it is shown; where the browser knows no such thing, nothing happens. */
export function useWakeLock(isOn: boolean) {
  useEffect(() => {
    if (!isOn || !("wakeLock" in navigator)) {
      return;
    }

    let lock: WakeLockSentinel | undefined;
    const ask = () =>
      void navigator.wakeLock.request("screen").then(
        (held) => (lock = held),
        () => undefined, // a battery that runs out may refuse it
      );
    const again = () => document.visibilityState === "visible" && ask(); // it ends when the page is hidden
    ask();
    document.addEventListener("visibilitychange", again);
    return () => {
      document.removeEventListener("visibilitychange", again);
      void lock?.release();
    };
  }, [isOn]);
}
