import { Component, type ErrorInfo, type ReactNode } from "react";
import { Link } from "react-router";
import { saveAsFile } from "../../queries/server/saveAsFile";
import "./trouble.css";

interface Props {
  /** What stands here, as the maker knows it: “Measure”. */
  name: string;
  /** What it is drawn from: offered as a file. */
  raw?: () => unknown;
  /** Another one is drawn anew. */
  of?: unknown;
  /** It is a whole page: the way back to the jobs is offered. */
  isPage?: boolean;
  children: ReactNode;
}

interface State {
  problem: string | null;
  of: unknown;
}

/** Keeps a fault in one panel from blanking the page: says what is wrong, and the rest stays usable. */
export class PanelBoundary extends Component<Props, State> {
  override state: State = { problem: null, of: this.props.of };

  static getDerivedStateFromError(error: unknown): Partial<State> {
    return { problem: error instanceof Error ? error.message : String(error) };
  }

  static getDerivedStateFromProps({ of }: Props, state: State): Partial<State> | null {
    return of === state.of ? null : { of, problem: null };
  }

  override componentDidCatch(error: unknown, info: ErrorInfo) {
    console.error(error, info.componentStack);
  }

  override render() {
    const { name, raw, isPage, children } = this.props;
    const { problem } = this.state;
    if (problem === null) {
      return children;
    }

    return (
      <section className="panel-trouble" role="alert">
        <h2>{name} cannot be shown</h2>
        <p>
          Something in it cannot be read ({problem}). Nothing was changed, and everything else still works.
        </p>
        <p className="panel-trouble-ways">
          <button type="button" onClick={() => this.setState({ problem: null })}>
            Try again
          </button>
          {raw && (
            <button type="button" onClick={() => saveAsFile("document.json", JSON.stringify(raw(), null, 2))}>
              Save its document as a file
            </button>
          )}
          {isPage && <Link to="/">Back to the jobs</Link>}
        </p>
      </section>
    );
  }
}
