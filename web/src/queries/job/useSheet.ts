import { useCallback, useEffect, useRef, useState } from "react";
import { api, isNoAnswer, type Unit } from "../../api/client";
import { coverFrom } from "../../model/cover/cover";
import { entriesOf, sent, waiting, written, type Filled } from "../../model/job/sheetFields";
import { showFault } from "../server/faults";
import { filledOn, keepFilled, keepSeen, lookForSheets, seenSheet, type Sheet } from "../saving/keptSheet";

type State = "opening" | "sent" | "sending" | "offline" | "closed" | "refused";

const pause = 700;
const retry = 4000;

/** A measuring sheet on a phone: opened once, kept on the phone, sent when there is a connection. */
export function useSheet(token: string) {
  const [sheet, setSheet] = useState<Sheet | null>(null);
  const [filled, setFilled] = useState<Filled>({});
  const [state, setState] = useState<State>("opening");
  const [refusal, setRefusal] = useState("");
  const now = useRef(filled);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const put = useCallback(
    (next: Filled) => {
      now.current = next;
      keepFilled(token, next);
      setFilled(next);
    },
    [token],
  );

  const sending = useRef(false);
  const again = useRef<() => void>(() => undefined);
  const send = useCallback(async () => {
    clearTimeout(timer.current);
    if (sending.current) {
      return;
    }

    sending.current = true;
    try {
      for (const [cover, fields] of Object.entries(now.current)) {
        if (Object.keys(fields).length === 0) {
          continue;
        }

        setState("sending");
        const { data, error, response } = await api.PUT("/api/sheets/{token}/covers/{coverId}", {
          params: { path: { token, coverId: cover } },
          body: entriesOf(fields),
        });
        if (!data) {
          const end = endOf(response.status);
          setState(end);
          setRefusal(error.detail ?? "");
          timer.current = end === "offline" ? setTimeout(() => again.current(), retry) : undefined;
          return;
        }

        put(sent(now.current, cover, fields));
        setSheet(
          (before) =>
            before && {
              ...before,
              covers: before.covers.map((known) =>
                known.id === cover ? { id: cover, cover: coverFrom(data.cover) } : known,
              ),
            },
        );
      }

      setState(waiting(now.current) === 0 ? "sent" : "sending");
      if (waiting(now.current) > 0) {
        timer.current = setTimeout(() => again.current(), pause);
      }
    } catch (error) {
      setState("offline");
      if (isNoAnswer(error)) {
        timer.current = setTimeout(() => again.current(), retry);
      } else {
        showFault(error);
      }
    } finally {
      sending.current = false;
    }
  }, [put, token]);
  useEffect(() => {
    again.current = () => void send();
  }, [send]);

  useEffect(() => {
    const looked = lookForSheets().then(() => {
      now.current = filledOn(token);
      setFilled(now.current);
    });
    const open = async () => {
      try {
        await looked;
        const { data, response } = await api.GET("/api/sheets/{token}", { params: { path: { token } } });
        if (data) {
          const opened = {
            ...data,
            unit: data.unit as Unit,
            covers: data.covers.map((known) => ({ id: known.id, cover: coverFrom(known.cover) })),
          };
          keepSeen(token, opened);
          setSheet(opened);
          void send();
        } else {
          setSheet(seenSheet(token));
          setState(response.status === 404 ? "closed" : "offline");
        }
      } catch (error) {
        setSheet(seenSheet(token));
        setState("offline");
        if (isNoAnswer(error)) {
          timer.current = setTimeout(() => void open(), retry);
        } else {
          showFault(error);
        }
      }
    };
    void open();
    const online = () => void (seenSheet(token) ? send() : open());
    window.addEventListener("online", online);
    return () => {
      window.removeEventListener("online", online);
      clearTimeout(timer.current);
    };
  }, [token, send]);

  const write = (cover: string, name: string, before: string, text: string) => {
    put(written(now.current, cover, name, before, text));
    setState((known) => (known === "closed" ? known : "sending"));
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void send(), pause);
  };
  return { sheet, filled, state, write, refusal, waiting: waiting(filled) };
}

/** What an answer other than yes means for what waits here. */
function endOf(status: number): "closed" | "refused" | "offline" {
  return status === 404 ? "closed" : status === 422 ? "refused" : "offline";
}
