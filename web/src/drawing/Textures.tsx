import type { Part } from "../api";

interface Texture {
  paper: string;
  ink: string;
  size: number;
  marks: string;
  filled?: boolean;
}

/** One texture a part: told apart by pattern, the tint only helps. Sizes in millimetres of the drawing. */
const TEXTURES: Record<Part, Texture> = {
  structure: { paper: "#f3e3bd", ink: "#8a6420", size: 4, marks: "M0 1h4M0 3h4" },
  filling: {
    paper: "#d9e4d2",
    ink: "#3f6136",
    size: 6,
    marks: "M1 1.500l1.200 .6M4 1l.8 1.200M2.500 4l1.300-.4M5 4.600l-.6 1M.6 5l.9.5",
  },
  "red-sauce": { paper: "#f0c9c0", ink: "#93321f", size: 3, marks: "M-1 1l2-2M0 3l3-3M2 4l2-2" },
  "white-sauce": { paper: "#fbfaf4", ink: "#8d8a78", size: 8, marks: "M0 2q2-1.400 4 0t4 0M0 6q2-1.400 4 0t4 0" },
  "soft-cheese": {
    paper: "#f6f3e6",
    ink: "#77745c",
    size: 4,
    marks: "M1 1.600a.6.6 0 1 0 1.200 0a.6.6 0 1 0-1.200 0M2.800 3.300a.5.5 0 1 0 1 0a.5.5 0 1 0-1 0",
  },
  "melting-cheese": { paper: "#fbe3a2", ink: "#9a6a05", size: 5, marks: "M0 1.500h2.500l1 1h1.500M1 4l1.500-.8h2.500" },
  "hard-cheese": { paper: "#f2d79a", ink: "#7a5407", size: 2.4, marks: "M.5.5h.4M1.700 1.200h.4M.9 1.900h.4" },
  topping: {
    paper: "#e8c9a0",
    ink: "#6e3f0c",
    size: 3.2,
    marks: "M.4 1.400l.7-1 .7 1zM1.900 2.900l.6-.9.6.9z",
    filled: true,
  },
  binder: { paper: "#f7e9b8", ink: "#8a6a12", size: 4, marks: "M1 1h1v1h-1z" },
  seasoning: { paper: "#e6ebef", ink: "#46576a", size: 3, marks: "M1 1h.3M2 2h.3" },
  "pan-release": { paper: "#f5efc9", ink: "#7c7320", size: 4, marks: "M0 2h4" },
};

export function textureId(prefix: string, part: Part): string {
  return `${prefix}-${part}`;
}

export function Textures({ prefix }: { prefix: string }) {
  return (
    <defs>
      {(Object.entries(TEXTURES) as [Part, Texture][]).map(([part, t]) => (
        <pattern key={part} id={textureId(prefix, part)} width={t.size} height={t.size} patternUnits="userSpaceOnUse">
          <rect width={t.size} height={t.size} fill={t.paper} />
          <path d={t.marks} stroke={t.ink} strokeWidth="0.35" fill={t.filled ? t.ink : "none"} strokeLinecap="round" />
        </pattern>
      ))}
    </defs>
  );
}
