// The hammer's loop in C, as plainly as it is written: a level pipe, a valve shut evenly in a second. Prints ms and the highest head at the valve, m.
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <time.h>

int main(int argc, char **argv) {
  if (argc < 3) return 1;
  const int n = atoi(argv[1]);
  const long steps = atol(argv[2]);
  const double length = 1000, diameter = 0.1, f = 0.02, a = 1200, source = 50, q0 = 0.01, g = 9.80665, vapour = -10;
  const double area = M_PI / 4 * diameter * diameter, dx = length / n, dt = dx / a, b = a / (g * area);
  const double r = f * dx / (2 * g * diameter * area * area);
  double *array[8];
  for (int i = 0; i < 6; i++) array[i] = malloc((n + 1) * sizeof(double));
  for (int i = 6; i < 8; i++) array[i] = malloc((steps + 1) * sizeof(double));
  double *h = array[0], *q = array[1], *nh = array[2], *nq = array[3], *highest = array[4], *lowest = array[5];
  for (int i = 0; i <= n; i++) {
    h[i] = highest[i] = lowest[i] = source - i * r * q0 * q0;
    q[i] = q0;
  }
  const double steady = h[n];
  struct timespec from, to;
  clock_gettime(CLOCK_MONOTONIC, &from);
  for (long s = 1; s <= steps; s++) {
    for (int i = 1; i < n; i++) {
      const double qa = q[i - 1], qb = q[i + 1];
      const double plus = h[i - 1] + b * qa - r * qa * fabs(qa), minus = h[i + 1] - b * qb + r * qb * fabs(qb);
      nh[i] = 0.5 * (plus + minus);
      nq[i] = (plus - minus) / (2 * b);
    }
    nh[0] = source;
    nq[0] = (source - (h[1] - b * q[1] + r * q[1] * fabs(q[1]))) / b;
    const double qb = q[n - 1], plus = h[n - 1] + b * qb - r * qb * fabs(qb);
    const double t = s * dt, tau = t >= 1 ? 0 : 1 - t, cv = (tau * q0) * (tau * q0) / (2 * steady);
    const double out = plus <= 0 ? 0 : sqrt(b * cv * b * cv + 2 * cv * plus) - b * cv;
    nq[n] = out;
    nh[n] = plus - b * out;
    for (int i = 0; i <= n; i++) {
      if (nh[i] < vapour) nh[i] = vapour;
      if (nh[i] > highest[i]) highest[i] = nh[i];
      if (nh[i] < lowest[i]) lowest[i] = nh[i];
    }
    array[6][s] = nh[n];
    array[7][s] = out;
    double *was = h;
    h = nh;
    nh = was;
    was = q;
    q = nq;
    nq = was;
  }
  clock_gettime(CLOCK_MONOTONIC, &to);
  printf("%.3f %.9f\n", (to.tv_sec - from.tv_sec) * 1e3 + (to.tv_nsec - from.tv_nsec) * 1e-6, highest[n]);
  return 0;
}
