// A wall as its readings say; what is not read yet stands as on a usual wall. The numbers are those of the core.
export function wallSketch({ usual, outline }, mm) {
  const read = (place) => mm[place] ?? (usual[place] ? value(usual[place]) : 0);
  const value = ([constant, times]) => Object.entries(times).reduce((sum, [place, by]) => sum + by * read(place), constant);
  const isRead = (corners) => corners.every((corner) => corner.every(([, times]) => Object.keys(times).every((place) => mm[place] !== undefined)));
  const parts = () => outline.map(([layer, corners]) => ({ layer, isRead: isRead(corners), corners: corners.map(([x, y]) => [value(x), -value(y)]) }));
  return { value, parts };
}
