/*
 * The steps of three families as plain C, without chance: the yardstick for core/dynamics. What hangs on the temperature
 * alone is worked out once, as a cloud of courses shares it. Usage: yardstick FAMILY STEPS NUMBER...
 * Prints the sum of what lives after every eighth step, and the seconds it took. The equations stand in docs/models.md.
 */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <time.h>

#define HOURS 6.0
#define ANEW 240
#define GO 8

static double arg[32];
static double max2(double a, double b) { return a > b ? a : b; }
static double min2(double a, double b) { return a < b ? a : b; }
static double beyond(double z) { return 1 + z * (0.5 + z * (1.0 / 6 + z * (1.0 / 24))); }
static double decay(double z) { return 1 / (1 + z * beyond(z)); }

/* logistic: r at this and at the reference temperature, death, 1/tau, lag, x0 */
static double grown(double x, double q, double r, double death, double days) {
  if (q < 0.001 || r <= 0) return x * exp(-death * days);
  if (r * (1 - x / q) < -death) {
    double hold = q * (1 + death / r), until = log(x / hold) / death;
    if (until >= days) return x * exp(-death * days);
    return hold * q / (hold + (q - hold) * exp(-r * (days - until)));
  }
  return x * q / (x + (q - x) * exp(-r * days));
}
static double logistic(long steps) {
  double r = arg[0], reference = arg[1], death = arg[2], wear = arg[3], lag = arg[4], x0 = arg[5];
  double days = HOURS / 24, sum = 0, x = 0, q = 0, left = 0, peak = 0, age = 0;
  int crashed = 0;
  for (long i = 0; i < steps; i++) {
    if (i % ANEW == 0) x = x0, q = 1, left = lag, peak = 0, age = 0, crashed = 0;
    double grow = days;
    age += days;
    if (left > 0) {
      double waking = reference > 0 ? r / reference * days : 0;
      grow = waking <= left ? 0 : days * (1 - left / waking);
      left = max2(0, left - waking);
    }
    double mid = max2(0, q - wear * (0.3 + 0.7 * x) * days / 2);
    if (grow > 0) x = grown(x, mid, r, death, grow);
    q = max2(0, q - wear * (0.3 + 0.7 * x) * days);
    x = max2(1e-7, min2(1, x));
    peak = max2(peak, x);
    if (peak > 0.05 && x < 2e-3) crashed = 1;
    if (i % GO == GO - 1) sum += x + crashed;
  }
  return sum;
}

/* consumer: iMax, rho, rotting (all at this temperature), kf, assimilation, settling, tanLoss, x0, dose */
static double consumer(long steps) {
  double imax = arg[0], rho = arg[1], rotting = arg[2], kf = arg[3], assimilation = arg[4];
  double settling = arg[5], tan = arg[6], x0 = arg[7], dose = arg[8];
  double days = HOURS / 24, sum = 0, f = 0, d = 0, x = 0, a = 0, settled = 0, lost = 0, peak = 0;
  int n = 6, crashed = 0;
  double dt = days / n, h = dt / 2, kept = decay(tan * dt);
  for (long i = 0; i < steps; i++) {
    if (i % ANEW == 0) f = dose, d = 0, x = peak = x0, a = 0, settled = 0, lost = 0, crashed = 0;
    double dying = rho + crashed;
    for (int k = 0; k < n; k++) {
      double clear0 = imax * min2(settled, 1) / (f + kf);
      double fh = f * decay((clear0 * x + settling + rotting) * h);
      double net = (assimilation * clear0 * ((f + fh) / 2) - dying) * h;
      double xh = x * (net > 0 ? 1 + net * (1 + net / 2) : decay(-net));
      double dh = d + (settling * ((f + fh) / 2) - rotting * d) * h;
      double eating = imax * min2(settled + h, 1) / (fh + kf) * xh;
      double rate = eating + settling + rotting;
      double out = f * dt * decay(rate * dt) * beyond(rate * dt);
      double eaten = eating * out, sunk = settling * out, rottenf = rotting * out;
      double rottend = min2(d + sunk, rotting * max2(0, dh) * dt);
      double grew = eaten * assimilation, spent = min2(x + grew, dying * xh * dt);
      f = max2(0, f - eaten - sunk - rottenf);
      d += sunk - rottend;
      x += grew - spent;
      lost += eaten - grew + rottenf + rottend + spent;
      double inflow = 0.08 / 2 * (0.6 * eaten + rottenf + rottend);
      a = (a + inflow) * kept + inflow;
      settled += dt;
    }
    peak = max2(peak, x);
    if (x < 0.02 * peak || x < 1e-7) crashed = 1;
    if (i % GO == GO - 1) sum += x + a;
  }
  return sum + lost * 0;
}

/* succession: use, grazing, dieB, dieC, breaking (all at this temperature), ks, kb, yield, growthShare, recycled, m0, s0, b0, c0 */
#define FINEST (0.5 / 24)
#define COARSEST (3.0 / 24)
#define TURN 0.05
static double held(double pool, double inflow, double rate, double dt) {
  double gone = rate * dt, e = decay(gone);
  return pool * e + inflow * e * beyond(gone);
}
static double succession(long steps) {
  double use = arg[0], grazing = arg[1], dieb = arg[2], diec = arg[3], breaking = arg[4];
  double ks = arg[5], kb = arg[6], yield = arg[7], share = arg[8], recycled = arg[9];
  double days = HOURS / 24, sum = 0, m = 0, s = 0, b = 0, c = 0, lost = 0;
  for (long i = 0; i < steps; i++) {
    if (i % ANEW == 0) m = arg[10], s = arg[11], b = arg[12], c = arg[13], lost = 0;
    double turn = use * yield * s / (ks + s) + grazing * c / (kb + b);
    int n = ceil(days / min2(COARSEST, max2(FINEST, TURN / turn)) - 1e-9);
    double dt = days / n, h = dt / 2, kept = decay(breaking * dt);
    for (int k = 0; k < n; k++) {
      double bh0 = breaking * m * h;
      double sh = held(s, bh0, use * b / (ks + s), h);
      double gh = grazing * c / (kb + b);
      double bh = held(b, yield * max2(0, s + bh0 - sh), gh + dieb, h);
      double ch = held(c, share * gh * ((b + bh) / 2) * h, diec, h);
      double broken = m - m * kept;
      double send = held(s, broken, use * bh / (ks + sh), dt);
      double eaten = max2(0, s + broken - send), grew = eaten * yield;
      double graze = grazing * ch / (kb + bh);
      double goneb = max2(0, b + grew - held(b, grew, graze + dieb, dt));
      double eatenb = goneb * graze / max2(1e-12, graze + dieb), toc = share * eatenb;
      double back = recycled * (goneb - eatenb);
      double cend = held(c, toc, diec, dt);
      lost += eaten - grew + (goneb - toc - back) + (c + toc - cend);
      m += back - broken;
      s += broken - eaten;
      b += grew - goneb;
      c = cend;
    }
    if (i % GO == GO - 1) sum += b + c;
  }
  return sum + lost * 0;
}

int main(int count, char **given) {
  if (count < 3) return 1;
  long steps = atol(given[2]);
  for (int i = 3; i < count && i < 35; i++) arg[i - 3] = strtod(given[i], NULL);
  struct timespec from, to;
  clock_gettime(CLOCK_MONOTONIC, &from);
  double sum = 0;
  if (!strcmp(given[1], "logistic")) sum = logistic(steps);
  else if (!strcmp(given[1], "consumer")) sum = consumer(steps);
  else if (!strcmp(given[1], "succession")) sum = succession(steps);
  else return 1;
  clock_gettime(CLOCK_MONOTONIC, &to);
  printf("%.17g %.9f\n", sum, (to.tv_sec - from.tv_sec) + (to.tv_nsec - from.tv_nsec) / 1e9);
  return 0;
}
