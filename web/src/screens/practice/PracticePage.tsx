import { saidOf } from "../../queries/server/faults";
import { emptyCover } from "../../model/cover/cover";
import { useQuery } from "@tanstack/react-query";
import { Input, Segmented } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import { api } from "../../api/client";
import { CoverPicture } from "../../drawing/things/CoverPicture";
import { inSentence } from "../../model/words/words";
import "./practice.css";

interface Verdict {
  right: boolean;
  said: string;
  working: string;
  slip: string | null;
}

const newSeed = () => Math.floor(Math.random() * 1_000_000_000);

/** A made-up thing: work out a cut size, or find the one slip on a ticket. The core has the answer, with its working. */
export function PracticePage() {
  const [unit, setUnit] = useState<"in" | "mm">("in");
  const [seed, setSeed] = useState(newSeed);
  const [figure, setFigure] = useState("");
  const [verdict, setVerdict] = useState<Verdict | null>(null);
  const [problem, setProblem] = useState("");
  const [score, setScore] = useState({ right: 0, all: 0 });
  const { data: task, isError } = useQuery({
    queryKey: ["practice", seed, unit],
    staleTime: Infinity,
    queryFn: async () => {
      const { data } = await api.GET("/api/practice", { params: { query: { seed, unit } } });
      if (!data) {
        throw new Error("No task came.");
      }

      return data;
    },
  });
  const answer = async (said: { figure?: string; line?: string }) => {
    try {
      const { data, error } = await api.POST("/api/practice", {
        body: { seed, unit, figure: said.figure ?? null, line: said.line ?? null },
      });
      setProblem(
        data ? "" : ((error as { detail?: string } | undefined)?.detail ?? "This could not be read."),
      );
      if (data) {
        setVerdict(data);
        setScore({ right: score.right + (data.right ? 1 : 0), all: score.all + 1 });
      }
    } catch (error) {
      setProblem(saidOf(error, "The workroom’s computer does not answer; your answer is still here."));
    }
  };
  const another = (next: "in" | "mm" = unit) => {
    setUnit(next);
    setSeed(newSeed());
    setFigure("");
    setVerdict(null);
    setProblem("");
  };
  return (
    <main className="practice">
      <header>
        <Link to="/">← Jobs</Link>
        <h1>Practice</h1>
        <span role="status">{score.all > 0 ? `${score.right} of ${score.all} right` : ""}</span>
        <Segmented
          aria-label="Unit"
          value={unit}
          options={["in", "mm"]}
          onChange={(value) => another(value as "in" | "mm")}
        />
      </header>
      {isError && <p role="alert">The workroom’s computer does not answer. Try again in a moment.</p>}
      {task && (
        <section className="sheet">
          <PracticePicture task={task} unit={unit} />
          <div className="practice-thing">
            <h2>
              {task.formLabel}, {inSentence(task.shapeLabel)}
            </h2>
            <p>{task.constructionLabel}</p>
            <dl>
              {[...task.measures, ...task.rules].map((measure) => (
                <div key={measure.label}>
                  <dt>{measure.label.toLowerCase()}</dt>
                  <dd>{measure.text}</dd>
                </div>
              ))}
            </dl>
          </div>
          {task.asked ? (
            <form
              className="practice-ask"
              onSubmit={(event) => {
                event.preventDefault();
                void answer({ figure });
              }}
            >
              <label htmlFor="answer">{task.asked}?</label>
              <Input
                id="answer"
                autoFocus
                key={seed}
                value={figure}
                disabled={verdict !== null}
                autoComplete="off"
                onChange={(event) => setFigure(event.target.value)}
              />
              {!verdict && <button type="submit">That is it</button>}
            </form>
          ) : (
            <div className="practice-ask">
              <p>One line of this ticket has a slip in it. Which?</p>
              {task.ticket.map((line) => (
                <button
                  key={line.for}
                  type="button"
                  disabled={verdict !== null}
                  onClick={() => void answer({ line: line.for })}
                >
                  {line.name} <strong>{line.shown}</strong>
                </button>
              ))}
            </div>
          )}
          {problem && <p role="alert">{problem}</p>}
          {verdict && (
            <div className={verdict.right ? "verdict right" : "verdict"} role="status">
              <strong>{verdict.said}</strong> <span>{verdict.working}</span>
              {verdict.slip && <p>{verdict.slip}</p>}
              <button type="button" className="on" autoFocus onClick={() => another()}>
                Another
              </button>
            </div>
          )}
        </section>
      )}
    </main>
  );
}

const size = { width: 300, height: 190 };

function PracticePicture({
  task,
  unit,
}: {
  task: { form: string; shape: string; construction: string; measuresTyped: Record<string, string> };
  unit: "in" | "mm";
}) {
  const { form, shape, construction, measuresTyped } = task;
  const cover = { ...emptyCover, form, shape, construction, measures: measuresTyped };
  return (
    <span className="practice-picture">
      <CoverPicture cover={cover} unit={unit} size={size} margin={12} />
    </span>
  );
}
