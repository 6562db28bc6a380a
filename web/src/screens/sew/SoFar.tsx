import { useState } from "react";
import type { SewingCard, SewingCards } from "../../api/client";
import { SoFarPicture } from "../../drawing/folded/SoFarPicture";
import { SoFarTurning } from "../../drawing/folded/SoFarTurning";

interface Props {
  facets: SewingCards["facets"];
  card: SewingCard;
  note: string;
}

const key = "wrapper.turn-so-far";

/** The cover so far: at once as a still picture; turned in the hand by whoever asks for that, from then on on every card. */
export function SoFar({ facets, card, note }: Props) {
  const [isTurned, setTurned] = useState(() => localStorage.getItem(key) === "true");
  const change = () => {
    localStorage.setItem(key, `${!isTurned}`);
    setTurned(!isTurned);
  };
  return (
    <>
      {isTurned ? <SoFarTurning facets={facets} card={card} /> : <SoFarPicture facets={facets} card={card} />}
      {card.soFar.length > 0 && facets.length > 0 ? (
        <button
          type="button"
          className={isTurned ? "sew-turn" : "sew-turn is-all"}
          aria-pressed={isTurned}
          onClick={change}
        >
          {isTurned ? "as drawn" : "so far: touch to turn it"}
        </button>
      ) : (
        <p>{note}</p>
      )}
    </>
  );
}
