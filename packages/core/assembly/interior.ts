// AssemblyScript: the loop of src/surge/grid/interior.ts, two nodes at a time. `npm run wasm` builds it; tests hold both against each other.

/** Offsets in bytes of arrays of float64; `cavitated` of an int32. Lays one time step over what was there and gives what travels on to the last node. */
export function interior(
  head: usize,
  flow: usize,
  highest: usize,
  lowest: usize,
  reaches: i32,
  b: f64,
  r: f64,
  vapour: f64,
  cavitated: usize,
): f64 {
  const bs = f64x2.splat(b);
  const rs = f64x2.splat(r);
  const half = f64x2.splat(0.5);
  const halfOfB = f64x2.splat(0.5 / b);
  const boils = f64x2.splat(vapour);
  let fell = i64x2.splat(0);
  let q = v128.load(flow);
  let h = v128.load(head);
  let rub = f64x2.mul(f64x2.mul(rs, q), f64x2.abs(q));
  let carried = f64x2.mul(bs, q);
  let behind = f64x2.sub(f64x2.add(h, carried), rub);
  let node: i32 = 1;
  for (; node + 1 < reaches; node += 2) {
    const at: usize = (<usize>node) << 3;
    q = v128.load(flow + at, 8);
    h = v128.load(head + at, 8);
    rub = f64x2.mul(f64x2.mul(rs, q), f64x2.abs(q));
    carried = f64x2.mul(bs, q);
    const ahead = f64x2.add(f64x2.sub(h, carried), rub);
    const here = f64x2.mul(half, f64x2.add(behind, ahead));
    v128.store(flow + at, f64x2.mul(halfOfB, f64x2.sub(behind, ahead)));
    behind = f64x2.sub(f64x2.add(h, carried), rub);
    fell = v128.or(fell, f64x2.lt(here, boils));
    const held = f64x2.pmax(here, boils);
    v128.store(head + at, held);
    v128.store(highest + at, f64x2.pmax(v128.load(highest + at), held));
    v128.store(lowest + at, f64x2.pmin(v128.load(lowest + at), held));
  }
  if (v128.any_true(fell)) store<i32>(cavitated, 1);
  let fromBehind = f64x2.extract_lane(behind, 0);
  if (node < reaches) {
    const onward = f64x2.extract_lane(behind, 1);
    const at: usize = (<usize>node) << 3;
    const lastQ = load<f64>(flow + at, 8);
    const ahead = load<f64>(head + at, 8) - b * lastQ + r * lastQ * Math.abs(lastQ);
    let here = 0.5 * (fromBehind + ahead);
    store<f64>(flow + at, (0.5 / b) * (fromBehind - ahead));
    if (here < vapour) {
      here = vapour;
      store<i32>(cavitated, 1);
    }
    store<f64>(head + at, here);
    if (here > load<f64>(highest + at)) store<f64>(highest + at, here);
    if (here < load<f64>(lowest + at)) store<f64>(lowest + at, here);
    fromBehind = onward;
  }
  return fromBehind;
}
