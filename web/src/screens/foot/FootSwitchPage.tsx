import { saidOf } from "../../queries/server/faults";
import { useEffect, useState } from "react";
import { Link } from "react-router";
import { api } from "../../api/client";
import type { Pedal } from "../../queries/work/useWorkLive";
import "./foot.css";

const pedals: { pedal: Pedal; name: string; does: string }[] = [
  { pedal: "back", name: "back", does: "the card before" },
  { pedal: "hold", name: "hold", does: "pause, or answer a stop-sign that was asked for" },
  { pedal: "next", name: "next", does: "done, the next one" },
];

/** A stand-in for a foot switch: three pedals, and the card last worked at obeys them. */
export function FootSwitchPage() {
  const [said, setSaid] = useState("Nothing pressed yet.");
  useEffect(() => {
    document.title = "Foot switch";
  }, []);
  const press = async (pedal: Pedal) => {
    try {
      const { data } = await api.POST("/api/foot-switch/presses", {
        body: { device: "stand-in foot switch", pedal },
      });
      setSaid(
        data && data.listeners > 0
          ? `Pressed ${pedal}.`
          : `Pressed ${pedal}, but no card is open to obey it.`,
      );
    } catch (error) {
      setSaid(saidOf(error, "The workroom’s computer does not answer: nothing was sent."));
    }
  };
  return (
    <main className="foot-page">
      <header>
        <Link to="/">← Jobs</Link>
        <h1>Foot switch</h1>
      </header>
      <div className="foot-pedals">
        {pedals.map(({ pedal, name, does }) => (
          <button
            key={pedal}
            type="button"
            className={`foot-pedal is-${pedal}`}
            onClick={() => void press(pedal)}
          >
            {name}
            <small>{does}</small>
          </button>
        ))}
      </div>
      <p role="status">{said}</p>
      <p className="foot-note">
        A stand-in that ships with Wrapper. A real foot switch sends the same message to the same address; one
        that types keys sends Page Down, Page Up and P.
      </p>
    </main>
  );
}
