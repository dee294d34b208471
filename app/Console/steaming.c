/* The arithmetic of Orbek\Core\Lid\Steaming as a plain C loop, to measure PHP against. Reads a pot from
 * standard input as BenchCommand writes it, runs it some times, prints ms a run, browning and leak. */
#include <math.h>
#include <stdio.h>
#include <string.h>
#include <time.h>

#define MOST 64
#define WATER 4186.0
#define EVAP 2.257e6

static int n, rice[MOST], filling[MOST];
static double heat0[MOST], dry[MOST], free0[MOST], bound0[MOST], least[MOST], raw[MOST], full[MOST], tau[MOST], core0[MOST], lag_s[MOST], tender_s[MOST], tender0[MOST], juice0[MOST], juice_of[MOST], through[MOST], wall[MOST], celsius0[MOST];

int main(void)
{
    double area, boil, base_j, flame, leak_share, browns, seconds, dt, base0, wet0;
    int plate, runs;
    if (scanf("%d %lf %lf %lf %lf %d %lf %lf %lf %lf %lf %lf %d", &n, &area, &boil, &base_j, &flame, &plate, &leak_share, &browns, &base0, &wet0, &seconds, &dt, &runs) != 13 || n > MOST) return 1;
    for (int i = 0; i < n; i++)
        if (scanf("%d %d %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf", &rice[i], &filling[i], &celsius0[i], &heat0[i], &dry[i], &free0[i], &bound0[i], &least[i], &raw[i], &full[i], &tau[i], &core0[i], &lag_s[i], &tender_s[i], &tender0[i], &juice0[i], &through[i], &wall[i]) != 18) return 1;
    memcpy(juice_of, juice0, sizeof juice0);
    int steps = (int)ceil(seconds / dt - 1e-9), top = n - 1;
    double browning = 0, leak = 0;
    struct timespec a, b;
    clock_gettime(CLOCK_MONOTONIC, &a);
    for (int run = 0; run < runs; run++) {
        double h[MOST], f[MOST], w[MOST], t[MOST], core[MOST], tender[MOST], juice[MOST];
        memcpy(h, heat0, sizeof h); memcpy(f, free0, sizeof f); memcpy(w, bound0, sizeof w); memcpy(t, celsius0, sizeof t);
        memcpy(core, core0, sizeof core); memcpy(tender, tender0, sizeof tender); memcpy(juice, juice0, sizeof juice);
        double base = base0, plate_c = 25, lid = 30, skin = 0, wicks = 0.30 / 60 * area * dt, evens = dt / 600;
        browning = leak = 0;
        for (int s = 0; s < steps; s++) {
            double into = flame;
            if (plate) { into = 9 * (plate_c - base); plate_c += (flame - into - 1.3 * (plate_c - 25)) * dt / 650; }
            double flux = (base - t[0]) / (1 / 450.0 + skin / 0.14), face = base - flux / 450;
            base += (into - 0.9 * (base - 25) - flux * area) * dt / base_j;
            if (face > 80) browning += browns * exp(110000 / 8.314 * (1 / 418.15 - 1 / (face + 273.15))) * dt / 600 * (skin < 0.0002 ? 0.25 : 1);
            h[0] += flux * area * dt;
            double below = t[0];
            for (int i = 0; i < n; i++) {
                h[i] -= wall[i] * (below - 25) * dt;
                if (i < top) { double above = t[i + 1], flow = through[i] * (below - above) * dt; h[i] -= flow; h[i + 1] += flow; below = above; }
            }
            double steam = 0;
            for (int i = 0; i < n; i++) {
                double c = dry[i] + WATER * (f[i] + w[i]), over = h[i] - c * boil;
                if (over < 0 && steam > 0) {
                    double taken = -over / EVAP; if (taken > steam) taken = steam;
                    steam -= taken; f[i] += taken; h[i] += taken * (EVAP + WATER * boil); c += WATER * taken;
                } else if (over > 0) {
                    double off = over / EVAP;
                    if (off <= f[i]) f[i] -= off;
                    else {
                        double rest = off - f[i], can = w[i] - least[i]; if (rest > can) rest = can > 0 ? can : 0;
                        off = f[i] + rest; f[i] = 0; w[i] -= rest;
                        if (i == 0 && rest > 0 && top > 0) { double good = 0.75 * rest; if (good > f[1]) good = f[1]; f[1] -= good; w[0] += good; h[1] -= WATER * good * t[1]; h[0] += WATER * good * t[1]; c += WATER * good; }
                    }
                    steam += off; h[i] -= off * (EVAP + WATER * boil); c -= WATER * off;
                    if (i == 0 && !(filling[0] && f[0] > wet0)) skin += off / area * 0.28 / 550;
                }
                t[i] = h[i] / c;
            }
            double lost = 13.8 * area * (lid - 25) * dt;
            if (steam > 0) {
                double cond = (350 * (boil - lid) + lost) / EVAP, rest = steam * (1 - leak_share); if (cond > rest) cond = rest; else if (cond < 0) cond = 0;
                leak += steam - cond; lid += cond * EVAP / 350; f[top] += cond; h[top] += cond * WATER * boil;
            }
            lid -= lost / 350;
            for (int i = 0; i < n; i++) {
                if (rice[i]) {
                    int has = f[i] > 0;
                    for (int k = -1; k <= 1; k += 2) { int j = i + k; if (j >= 0 && j < n && filling[j]) { double want = full[i] * raw[i] - w[i] - 0.88 * raw[i]; if (want > 0 && f[j] > 0) { double m = wicks * want / (full[i] * raw[i]); if (m > f[j]) m = f[j]; f[j] -= m; f[i] += m; h[j] -= WATER * m * t[j]; h[i] += WATER * m * t[j]; has = 1; } } }
                    if (t[i] > 55) {
                        double speed = exp(9562.184 * (0.002679887 - 1 / (t[i] + 273.15))); if (t[i] < 95) speed /= 1 + exp((70 - t[i]) / 2);
                        double ratio = 0.88 + w[i] / raw[i];
                        if (core[i] > 0 && (has || ratio >= 1.28 + 0.82 * (1 - core[i] * core[i]))) { core[i] -= 0.6 * dt / tau[i] * speed; if (core[i] < 0) core[i] = 0; }
                        if (f[i] > 0 && ratio < full[i]) { double m = (full[i] - ratio) * raw[i] * speed * evens; if (m > f[i]) m = f[i]; f[i] -= m; w[i] += m; }
                    }
                    if (i > 0 && filling[i - 1] && f[i] > 0.15 * raw[i]) { double m = (f[i] - 0.15 * raw[i]) * evens; f[i] -= m; f[i - 1] += m; h[i] -= WATER * m * t[i]; h[i - 1] += WATER * m * t[i]; }
                    if (i < top && rice[i + 1]) { double m = (f[i] - f[i + 1]) * evens, at = m > 0 ? t[i] : t[i + 1]; f[i] -= m; f[i + 1] += m; h[i] -= WATER * m * at; h[i + 1] += WATER * m * at; }
                } else if (filling[i]) {
                    core[i] += (t[i] - core[i]) * (1 - exp(-dt / lag_s[i]));
                    if (core[i] > 45) {
                        if (tender_s[i] > 0) tender[i] += dt / tender_s[i] * pow(2, (core[i] - 95) / 8);
                        if (juice[i] > 0) { double stays = juice_of[i] * (80 - core[i]) / 30; if (stays < 0) stays = 0; if (juice[i] > stays) { f[i] += juice[i] - stays; w[i] -= juice[i] - stays; juice[i] = stays; } }
                    }
                }
            }
        }
    }
    clock_gettime(CLOCK_MONOTONIC, &b);
    printf("%.6f %.6f %.6f\n", ((b.tv_sec - a.tv_sec) * 1e3 + (b.tv_nsec - a.tv_nsec) / 1e6) / runs, browning, 1000 * leak);
    return 0;
}
