import { Link } from "react-router";

/** An address that leads nowhere, with the way back. */
export function Nowhere({ text = "There is nothing at this address." }: { text?: string }) {
  return (
    <main style={{ padding: 40 }}>
      <h1>{text}</h1>
      <p>
        <Link to="/">Back to the jobs</Link>
      </p>
    </main>
  );
}
