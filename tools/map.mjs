/**
 * Draws docs/plots/house.svg: every room of the house, floor by floor, and who takes from whom, made from the imports as
 * dependency-cruiser finds them. What lies in a room's own folder is not drawn.
 */
import { execFileSync } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { bin, root } from './root.mjs';

const echarts = createRequire(join(root, 'apps/web/package.json'))('echarts');

/** From what everything rests on to what people touch; arrows run to the left alone. */
const floors = [
  { name: 'core', folder: 'packages/core/src', colour: '#3f6275' },
  { name: 'contract', folder: 'packages/contract/src', colour: '#4d7a54' },
  { name: 'server', folder: 'apps/server/src', colour: '#8a6d1f' },
  { name: 'interface', folder: 'apps/web/src', colour: '#bf3f27' },
];
const column = 420;
const row = 34;
const top = 70;

const { modules } = JSON.parse(
  execFileSync(
    bin('depcruise'),
    ['--config', '.dependency-cruiser.cjs', '--output-type', 'json', 'packages', 'apps'],
    { cwd: root, encoding: 'utf8', maxBuffer: 256e6 },
  ),
);
const lines = new Map();
const rooms = new Map();
for (const { source, dependencies } of modules) {
  const from = roomOf(source);
  if (from === null || /\.test\.tsx?$/.test(source)) continue;
  rooms.set(from.id, { ...from, files: (rooms.get(from.id)?.files ?? 0) + 1 });
  for (const { resolved } of dependencies) {
    const to = roomOf(resolved);
    if (to === null || to.id === from.id) continue;
    const key = `${from.id} ${to.id}`;
    lines.set(key, { from: from.id, to: to.id, imports: (lines.get(key)?.imports ?? 0) + 1 });
  }
}

const placed = floors.flatMap((floor, i) =>
  [...rooms.values()]
    .filter((room) => room.floor === floor.name)
    .toSorted((one, other) => one.name.localeCompare(other.name))
    .map((room, j) => ({ ...room, x: 130 + i * column, y: top + j * row, colour: floor.colour })),
);
const height = Math.max(...placed.map(({ y }) => y)) + 60;
const width = 130 + (floors.length - 1) * column + 170;
const chart = echarts.init(null, null, { renderer: 'svg', ssr: true, width, height });
chart.setOption({
  backgroundColor: '#fff',
  animation: false,
  graphic: floors.map(({ name, folder }, i) => ({
    type: 'text',
    style: {
      text: `${name}\n${folder}`,
      x: 130 + i * column,
      y: 16,
      align: 'center',
      font: '600 14px sans-serif',
      lineHeight: 18,
    },
  })),
  series: [
    {
      type: 'graph',
      coordinateSystem: null,
      left: 130,
      top,
      width: width - 300,
      height: height - top - 60,
      symbol: 'roundRect',
      symbolSize: [150, 24],
      data: placed.map(({ id, name, files, x, y, colour }) => ({
        id,
        name: `${name} ${files}`,
        x,
        y,
        itemStyle: { color: colour },
        label: { show: true, color: '#fff', fontSize: 12 },
      })),
      links: [...lines.values()].map(({ from, to, imports }) => ({
        source: from,
        target: to,
        lineStyle: {
          color: rooms.get(from).floor === rooms.get(to).floor ? '#bbb' : '#555',
          width: Math.min(4, 0.4 + imports / 12),
          opacity: 0.35,
          curveness: rooms.get(from).floor === rooms.get(to).floor ? 0.35 : 0,
        },
      })),
    },
  ],
});
mkdirSync(join(root, 'docs/plots'), { recursive: true });
writeFileSync(join(root, 'docs/plots/house.svg'), chart.renderToSVGString());
chart.dispose();
console.log(`docs/plots/house.svg: ${placed.length} rooms, ${lines.size} ways between them`);

/** The room a file lies in: the folder below its floor; files that lie on the floor itself are its hall. */
function roomOf(path) {
  const floor = floors.find(({ folder }) => path.startsWith(`${folder}/`));
  if (floor === undefined) return null;
  const [room, ...rest] = path.slice(floor.folder.length + 1).split('/');
  const name = rest.length === 0 ? 'the hall' : room;
  return { id: `${floor.name}/${name}`, name, floor: floor.name };
}
