import { Link } from "react-router";

interface Props {
  text?: string;
  /** What is missing may come by itself: it is asked for again and again. */
  isTriedAgain?: boolean;
}

/** An address that leads nowhere, or not yet, with the way back. */
export function Nowhere({ text = "There is nothing at this address.", isTriedAgain = false }: Props) {
  return (
    <main style={{ padding: 40 }}>
      <h1 role={isTriedAgain ? "alert" : undefined}>{text}</h1>
      {isTriedAgain && <p>It is tried again every moment; nothing that was saved is lost.</p>}
      <p>
        <Link to="/">Back to the jobs</Link>
      </p>
    </main>
  );
}
