import { useEffect } from "react";
import { api, useAway } from "../../api/client";

const pause = 2000;

/** Says that the workroom's computer does not answer, until it does. */
export function Away() {
  const away = useAway((state) => state.away);
  useEffect(() => {
    if (!away) {
      return;
    }

    const timer = setInterval(() => void api.GET("/api/health").catch(() => null), pause);
    return () => clearInterval(timer);
  }, [away]);
  return away ? (
    <p className="away" role="alert">
      The workroom’s computer does not answer. What you typed is kept; figures are worked out when it is back.
    </p>
  ) : null;
}
