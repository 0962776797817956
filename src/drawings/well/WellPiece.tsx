import type { FoodGroup } from '@/core/food';
import type { Piece } from './geometry';

const FILL: Readonly<Record<FoodGroup, string>> = {
  poultry: '#d9a78b',
  meat: '#a8625a',
  fish: '#cfd6d6',
  bones: '#efe6d2',
  pulse: '#d3b26a',
  grain: '#eddc9f',
  pasta: '#f0dfa6',
  vegetable: '#dd8f4e',
  leaf: '#6f9a63',
  liquid: '#d8b27a',
  dairy: '#fbf6ea',
  fat: '#e7cf7f',
  seasoning: '#8a7a5c',
};

/** A piece as its kind looks in section: bones with marrow, rings of leek, grains lying flat. */
export function WellPiece({ piece }: { readonly piece: Piece }) {
  const half = piece.size / 2;
  const common = { fill: FILL[piece.group], stroke: '#1d283355', strokeWidth: 1 };
  const { x, y, size, group } = piece;
  if (group === 'grain' || group === 'pasta')
    return <ellipse cx={x} cy={y} rx={half * 0.95} ry={half * 0.6} {...common} />;
  if (group === 'leaf')
    return (
      <path
        d={`M${x - half} ${y} Q${x} ${y - half} ${x + half} ${y} Q${x} ${y + half} ${x - half} ${y}Z`}
        {...common}
      />
    );
  if (group === 'bones')
    return (
      <g>
        <rect
          x={x - half * 0.95}
          y={y - half * 0.6}
          width={size * 0.95}
          height={size * 0.6}
          rx={half * 0.5}
          {...common}
        />
        <circle cx={x - half * 0.35} cy={y - half * 0.1} r={half * 0.26} fill="#b98a72" />
      </g>
    );
  if (piece.round)
    return (
      <g>
        <circle cx={x} cy={y} r={half * 0.94} {...common} />
        {group === 'vegetable' && size > 9 && (
          <circle cx={x} cy={y} r={half * 0.45} fill="none" stroke="#1d283340" />
        )}
        {(group === 'meat' || group === 'poultry') && size > 12 && (
          <path
            d={`M${x - half * 0.55} ${y - half * 0.1} Q${x} ${y - half * 0.4} ${x + half * 0.5} ${y + half * 0.15}`}
            fill="none"
            stroke="#f3e3d7"
            strokeWidth={1.5}
            strokeLinecap="round"
          />
        )}
      </g>
    );
  return (
    <rect
      x={x - half * 0.95}
      y={y - half * 0.8}
      width={size * 0.95}
      height={size * 0.8}
      rx={half * 0.35}
      {...common}
    />
  );
}
