import { linkHorizontal } from "d3-shape";
import { type ReactNode, useId } from "react";
import type { Line, Procedure } from "../../../api";
import { Textures, textureId } from "../../../drawing";
import { told } from "../../../messages";
import { percent } from "../../../ui";
import { BOX_WIDTH, COLUMNS, DISH_WIDTH, type Flow, flow, type Lit, WIDTH } from "./flow";

interface Props {
  procedure: Procedure;
  lines: readonly Line[];
  lit: Lit;
  onLine: (line: number) => void;
  onPot: (id: string) => void;
}

const curve = linkHorizontal<
  { from: { x: number; y: number }; to: { x: number; y: number } },
  { x: number; y: number }
>()
  .source((d) => d.from)
  .target((d) => d.to)
  .x((d) => d.x)
  .y((d) => d.y);

/** Lines at left, pots in the middle, the dish at right; bands as wide as the share that goes. The list below says the same. */
export function FlowPicture({ procedure, lines, lit, onLine, onPot }: Props) {
  const id = useId();
  const picture = flow(procedure, lines);
  const any = lit.lines.size > 0 || lit.pots.size > 0;
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing with parts to touch is no fieldset
    <svg viewBox={`0 0 ${WIDTH} ${picture.height}`} className="w-full" role="group" aria-label={describe(picture)}>
      <Textures prefix={id} />
      <Heads />
      {picture.bands.map((b) => {
        const on =
          b.line !== undefined
            ? lit.lines.has(b.line) && lit.pots.has(b.pots[0] ?? "")
            : b.pots.every((p) => lit.pots.has(p));
        return (
          <path
            key={b.key}
            d={curve(b) ?? ""}
            fill="none"
            stroke={on ? "var(--warm)" : "var(--rim)"}
            strokeOpacity={on ? 0.85 : any ? 0.1 : 0.26}
            strokeWidth={b.width}
          />
        );
      })}
      {picture.rows.map((r) => (
        <Touch key={r.line} name={r.words} pressed={lit.lines.has(r.line)} onTouch={() => onLine(r.line)}>
          <rect
            x={0}
            y={r.y - 11}
            width={COLUMNS.lines + 6}
            height={22}
            rx={4}
            fill={lit.lines.has(r.line) ? "var(--warm-soft)" : "transparent"}
          />
          <text
            x={COLUMNS.lines}
            y={r.y + 4.5}
            textAnchor="end"
            fontSize={13}
            fill={lit.lines.has(r.line) || !any ? "var(--ink)" : "var(--faded)"}
          >
            {r.words}
          </text>
        </Touch>
      ))}
      {picture.boxes.map((b) => (
        <Touch key={b.pot.id} name={b.pot.name} pressed={lit.pots.has(b.pot.id)} onTouch={() => onPot(b.pot.id)}>
          <rect
            x={b.x}
            y={b.y}
            width={BOX_WIDTH}
            height={b.height}
            rx={9}
            fill={lit.pots.has(b.pot.id) ? "var(--warm-soft)" : "var(--rim-soft)"}
            stroke={lit.pots.has(b.pot.id) ? "var(--warm)" : "var(--rim)"}
            strokeWidth={1.5}
          />
          <Label x={b.x + BOX_WIDTH / 2} y={b.y + b.height / 2} words={b.pot.name} />
        </Touch>
      ))}
      {picture.layers.map((l) => (
        <Touch
          key={l.index}
          name={told("web.dish.layer-of", l.pot.name)}
          pressed={lit.pots.has(l.pot.id)}
          onTouch={() => onPot(l.pot.id)}
        >
          <rect
            x={COLUMNS.dish}
            y={l.y}
            width={DISH_WIDTH}
            height={l.height}
            fill={`url(#${textureId(id, l.part)})`}
            stroke={lit.pots.has(l.pot.id) ? "var(--warm)" : "var(--rim)"}
            strokeWidth={lit.pots.has(l.pot.id) ? 2.5 : 0.6}
          />
          <text
            x={COLUMNS.dish + DISH_WIDTH / 2}
            y={l.y + l.height / 2 + 4}
            textAnchor="middle"
            fontSize={12}
            fontWeight={600}
            fill="#16202e"
            stroke="#ffffff"
            strokeWidth={3}
            paintOrder="stroke"
          >
            {`${short(l.pot.name, 18)} ${percent(l.layer.share)}`}
          </text>
        </Touch>
      ))}
      <Rim picture={picture} />
    </svg>
  );
}

interface TouchProps {
  name: string;
  pressed: boolean;
  onTouch: () => void;
  children: ReactNode;
}

/** A part of the drawing that can be touched, by key as well. */
function Touch({ name, pressed, onTouch, children }: TouchProps) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing has no button element
    <g
      role="button"
      tabIndex={0}
      aria-label={name}
      aria-pressed={pressed}
      className="cursor-pointer"
      onClick={onTouch}
      onKeyDown={(e) => {
        if (e.key !== "Enter" && e.key !== " ") return;
        e.preventDefault();
        onTouch();
      }}
    >
      {children}
    </g>
  );
}

function Heads() {
  const heads: [number, string, "end" | "start"][] = [
    [COLUMNS.lines, told("web.dish.your-lines"), "end"],
    [COLUMNS.pots, told("web.dish.pots-and-bowls"), "start"],
    [COLUMNS.dish, told("web.dish.the-dish-bottom-to-top"), "start"],
  ];
  return heads.map(([x, words, anchor]) => (
    <text key={words} x={x} y={16} textAnchor={anchor} fontSize={13} fontWeight={700} fill="var(--rim)">
      {words}
    </text>
  ));
}

/** The walls of the dish round its layers. */
function Rim({ picture }: { picture: Flow }) {
  if (!picture.layers.length) return null;
  const top = Math.min(...picture.layers.map((l) => l.y)) - 10;
  const bottom = Math.max(...picture.layers.map((l) => l.y + l.height));
  const left = COLUMNS.dish - 3;
  const right = COLUMNS.dish + DISH_WIDTH + 3;
  return (
    <path
      d={`M${left - 8} ${top}H${left}V${bottom + 3}H${right}V${top}H${right + 8}`}
      fill="none"
      stroke="var(--rim)"
      strokeWidth={5}
      strokeLinejoin="round"
    />
  );
}

function Label({ x, y, words }: { x: number; y: number; words: string }) {
  const [first, second] = inTwo(words);
  return (
    <text x={x} y={second ? y - 3 : y + 4.5} textAnchor="middle" fontSize={12.5} fontWeight={600} fill="var(--ink)">
      <tspan x={x}>{first}</tspan>
      {second && (
        <tspan x={x} dy={15}>
          {second}
        </tspan>
      )}
    </text>
  );
}

function inTwo(words: string): [string, string?] {
  if (words.length <= 17) return [words];
  const space = words.lastIndexOf(" ", 17);
  return space < 5 ? [short(words, 17)] : [words.slice(0, space), short(words.slice(space + 1), 17)];
}

function short(words: string, most: number): string {
  return words.length > most ? `${words.slice(0, most - 1).trimEnd()}…` : words;
}

function describe(picture: Flow): string {
  const layers = picture.layers.map((l) => `${l.pot.name} ${percent(l.layer.share)}`).join(", ");
  return told("web.dish.lines-go-into-pots-and-bowls", picture.rows.length, picture.boxes.length, layers);
}
