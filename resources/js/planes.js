// Projective maps of a plane: nine numbers, row by row.

export const times = (m, n) => [0, 1, 2].flatMap((row) => [0, 1, 2].map((column) => [0, 1, 2].reduce((sum, k) => sum + m[row * 3 + k] * n[k * 3 + column], 0)));

// As a browser writes it.
export const matrix3d = ([a, b, c, d, e, f, g, h, i]) => `matrix3d(${[a, d, 0, g, b, e, 0, h, 0, 0, 1, 0, c, f, 0, i].join(',')})`;

// A photograph laid where its wall is drawn: from the picture (as wide as 1) to the wall, heights upwards, to the room
// that it stands in.
export function laid(toWall, drawing, room, wide) {
  const wall = [drawing.a, 0, drawing.e - room.left, 0, -drawing.d, drawing.f - room.top, 0, 0, 1];
  return matrix3d(times(times(wall, toWall), [1 / wide, 0, 0, 0, 1 / wide, 0, 0, 0, 1]));
}
