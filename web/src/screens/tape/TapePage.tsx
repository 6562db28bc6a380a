import { saidOf } from "../../queries/server/faults";
import { Segmented } from "antd";
import { useEffect, useState } from "react";
import { Link } from "react-router";
import { api, type Unit } from "../../api/client";
import "./tape.css";

/** A stand-in for a tape that speaks for itself: dial what lies under it, press, and the lit measure of the bench takes it. */
export function TapePage() {
  const [unit, setUnit] = useState<Unit>("in");
  const [dialled, setDialled] = useState("21 1/4");
  const [jitter, setJitter] = useState("1/16");
  const [said, setSaid] = useState("Nothing sent yet.");
  useEffect(() => {
    document.title = "Tape";
  }, []);
  const press = async () => {
    try {
      const { data, error } = await api.POST("/api/tape/stand-in", {
        body: { length: dialled, jitter: jitter || "0", unit },
      });
      setSaid(
        data
          ? data.listeners > 0
            ? `Read ${data.text}.`
            : `Read ${data.text}, but no bench is open to take it.`
          : ((error as { detail?: string } | undefined)?.detail ?? "The tape was not understood."),
      );
    } catch (error) {
      setSaid(saidOf(error, "The workroom’s computer does not answer: nothing was sent."));
    }
  };
  return (
    <main className="tape-page">
      <header>
        <Link to="/">← Jobs</Link>
        <h1>Tape</h1>
      </header>
      <label>
        lies at
        <input
          autoFocus
          value={dialled}
          onChange={(event) => setDialled(event.target.value)}
          onKeyDown={(event) => event.key === "Enter" && void press()}
        />
      </label>
      <button type="button" className="press" onClick={() => void press()}>
        press
      </button>
      <p role="status">{said}</p>
      <div className="tape-settings">
        <Segmented
          aria-label="Unit"
          value={unit}
          options={["in", "cm", "mm"]}
          onChange={(value) => setUnit(value as Unit)}
        />
        <label>
          unsteady by
          <input value={jitter} onChange={(event) => setJitter(event.target.value)} />
        </label>
      </div>
      <p className="tape-note">
        A stand-in that ships with Wrapper. A real tape sends the same message to the same address.
      </p>
    </main>
  );
}
