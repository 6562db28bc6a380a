import { removeAside, useSetAside } from "../../queries/saving/setAside";
import { saveAsFile } from "../../queries/server/saveAsFile";
import "./trouble.css";

/** What this browser kept and the store cannot take: in sight until it was saved as a file or removed. */
export function SetAside() {
  const aside = useSetAside((state) => state.aside);
  return aside.length === 0 ? null : (
    <section className="panel-trouble" aria-label="Set aside" role="status">
      {aside.map(({ key, problem, text }) => (
        <p key={key} className="panel-trouble-ways">
          <span>{problem}</span>
          <button type="button" onClick={() => saveAsFile("set-aside.json", text)}>
            Save as a file
          </button>
          <button type="button" onClick={() => removeAside(key)}>
            Remove
          </button>
        </p>
      ))}
    </section>
  );
}
