/* The arithmetic of Orbek\Core\Lid\Steaming as a plain C loop, to measure PHP against. Reads a pot from
 * standard input as PlainC writes it, runs it some times, prints ms a run, browning and leak. */
#include <math.h>
#include <stdio.h>
#include <string.h>
#include <time.h>

#define MOST 64
#define WATER 4186.0
#define EVAP 2.257e6
#define AIR 25.0

static int n, rice[MOST], filling[MOST], falls[MOST];
static double t0[MOST], h0[MOST], in_h0[MOST], dry[MOST], in_dry[MOST], f0[MOST], w0[MOST], in_w0[MOST], least[MOST], raw[MOST], full[MOST], tau[MOST], core0[MOST], lag_s[MOST], tender_s[MOST], tender0[MOST], in_t0[MOST], juice0[MOST], through[MOST], wall[MOST], holds[MOST];
static int bed_n;
static double bed[256], half[MOST], conducts[MOST], half_up[MOST], conducts_up[MOST];
static double area, boil, base_j, flame, plate_j, plate_w, plate_loss, base_loss, lid_loss, lid_j, leak_share, browns, base0, wet0, seconds, longest;

static double vapour(double t) { return 133.322 * pow(10, 8.07131 - 1730.63 / (233.426 + t)); }

int main(void)
{
    int runs;
    if (scanf("%d %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %d", &n, &area, &boil, &base_j, &flame, &plate_j, &plate_w, &plate_loss, &base_loss, &lid_loss, &lid_j, &leak_share, &browns, &base0, &wet0, &seconds, &longest, &runs) != 18 || n > MOST) return 1;
    for (int i = 0; i < n; i++)
        if (scanf("%d %d %d %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf %lf", &rice[i], &filling[i], &falls[i], &t0[i], &h0[i], &in_h0[i], &dry[i], &in_dry[i], &f0[i], &w0[i], &in_w0[i], &least[i], &raw[i], &full[i], &tau[i], &core0[i], &lag_s[i], &tender_s[i], &tender0[i], &in_t0[i], &juice0[i], &through[i], &wall[i], &holds[i]) != 24) return 1;
    if (scanf("%d", &bed_n) != 1 || bed_n > 256) return 1;
    for (int i = 0; i < bed_n; i++) if (scanf("%lf", &bed[i]) != 1) return 1;
    for (int i = 0; i < n; i++) if (scanf("%lf %lf %lf %lf", &half[i], &conducts[i], &half_up[i], &conducts_up[i]) != 4) return 1;
    double p_boil = vapour(boil);
    int top = n - 1;
    double browning = 0, leak = 0, steam_j = EVAP + WATER * boil, per_kg = 0.20 / 550 / area;
    struct timespec a, b;
    clock_gettime(CLOCK_MONOTONIC, &a);
    for (int run = 0; run < runs; run++) {
        double h[MOST], ih[MOST], f[MOST], w[MOST], iw[MOST], t[MOST], core[MOST], tender[MOST], it[MOST], ct[MOST], juice[MOST], lag[MOST], centre[MOST];
        memcpy(h, h0, sizeof h); memcpy(ih, in_h0, sizeof ih); memcpy(f, f0, sizeof f); memcpy(w, w0, sizeof w); memcpy(iw, in_w0, sizeof iw); memcpy(t, t0, sizeof t);
        memcpy(core, core0, sizeof core); memcpy(tender, tender0, sizeof tender); memcpy(it, in_t0, sizeof it); memcpy(ct, in_t0, sizeof ct); memcpy(juice, juice0, sizeof juice);
        double base = base0, plate_c = AIR, lid = 30, skin = 0, a2[MOST + 1], b2[MOST + 1], hold[MOST];
        int steps = (int)ceil(seconds / longest - 1e-9);
        double dt = seconds / steps, wicks = 0.30 / 60 * area * dt;
        browning = leak = 0;
        for (int i = 0; i < n; i++) { hold[i] = dry[i] + WATER * (f[i] + w[i]); lag[i] = lag_s[i] > 0 ? 1 - exp(-dt / lag_s[i]) : 0; centre[i] = lag_s[i] > 0 ? 1 - exp(-dt / (0.35 * lag_s[i])) : 0; }
            for (int s = 0; s < steps; s++) {
                double metal = plate_j > 0 ? plate_c : base, into = metal > 100 ? flame * (1 - (metal - 100) / 500 > 0 ? 1 - (metal - 100) / 500 : 0) : flame;
                if (plate_j > 0) { plate_c = (plate_j * plate_c + dt * (into + plate_w * base + plate_loss * AIR)) / (plate_j + dt * (plate_w + plate_loss)); into = plate_w * (plate_c - base); }
                double thr[MOST];
                memcpy(thr, through, sizeof thr);
                for (int i = 0; i < top; i++) if (half_up[i] > 0) {
                    double u = t[i + 1]; if (u < boil) u = 0.5 * (u + (t[i] < boil ? t[i] : boil));
                    int k = (int)u; if (k < 0 || k > bed_n - 2) continue;
                    double more = bed[k] + (u - k) * (bed[k + 1] - bed[k]);
                    thr[i] = 1 / (half[i] / (conducts[i] + more) + half_up[i] / (conducts_up[i] + more));
                }
                double flux_w = 1 / (1 / 450.0 + skin / 0.20), below = flux_w * area, rate = base_j / dt, all = rate + base_loss + below;
                a2[0] = (rate * base + into + base_loss * AIR) / all; b2[0] = below / all;
                for (int i = 0; i < n; i++) {
                    double above = i < top ? thr[i] : 0;
                    { rate = hold[i] / dt; all = rate + wall[i] + above + below * (1 - b2[i]); a2[i + 1] = (rate * t[i] + wall[i] * AIR + below * a2[i]) / all; b2[i + 1] = above / all; }
                    below = above;
                }
                double at = a2[n], face = 0;
                for (int i = top; i >= 0; i--) {
                    h[i] -= wall[i] * (at - AIR) * dt;
                    double under = a2[i] + b2[i] * at;
                    if (i > 0) { double flow = thr[i - 1] * (under - at) * dt; h[i] += flow; h[i - 1] -= flow; }
                    else { double flux = flux_w * (under - at); h[0] += flux * area * dt; face = under - flux / 450; base = under; }
                    at = under;
                }
                if (face > 80 && browning < 12) { browning += browns * exp(70000 / 8.314 * (1 / 418.15 - 1 / (face + 273.15))) * dt / 600 * (0.25 + 0.75 * (skin < 0.0002 ? skin / 0.0002 : 1)); if (browning > 12) browning = 12; }
                double steam = 0;
                for (int i = 0; i < n; i++) {
                    double c = dry[i] + WATER * (f[i] + w[i]), over = h[i] - c * boil;
                    if (over < 0 && steam > 0) {
                        double taken = -over / EVAP; if (taken > steam) taken = steam;
                        steam -= taken; f[i] += taken; h[i] += taken * steam_j; c += WATER * taken;
                    } else if (over > 0) {
                        double off = over / EVAP;
                        if (off <= f[i]) f[i] -= off;
                        else {
                            double rest = off - f[i], can = w[i] - least[i]; if (can < 0) can = 0; if (rest > can) rest = can;
                            off = f[i] + rest; f[i] = 0; w[i] -= rest;
                            if (i == 0 && top > 0) { double good = 0.75 * rest; if (good > f[1]) good = f[1]; f[1] -= good; w[0] += good; h[1] -= WATER * good * t[1]; h[0] += WATER * good * t[1]; c += WATER * good; }
                        }
                        steam += off; h[i] -= off * steam_j; c -= WATER * off;
                        if (i == 0 && !(wet0 > 0 && f[0] > wet0)) skin += off * per_kg;
                    }
                    t[i] = h[i] / c;
                    hold[i] = t[i] >= boil - 1e-6 && f[i] + w[i] > least[i] ? 1e14 : c;
                }
                double lost = lid_loss * (lid - AIR) * dt;
                if (steam > 0) {
                    double cond = (lid_j * (boil - lid) + lost) / EVAP, rest = steam * (1 - leak_share); if (cond > rest) cond = rest; if (cond < 0) cond = 0;
                    leak += steam - cond; lid += cond * EVAP / lid_j; f[top] += cond; h[top] += cond * WATER * boil;
                }
                lid -= lost / lid_j;
                if (t[top] < boil - 1e-6 && fabs(t[top] - lid) >= 1e-6) {
                    double air_lid = 1 - vapour(lid) / p_boil, air_top = 1 - vapour(t[top]) / p_boil; if (air_lid < 1e-4) air_lid = 1e-4; if (air_top < 1e-4) air_top = 1e-4;
                    double wet = 3 / 1010.0 * 0.622 * EVAP * log(air_lid / air_top), over = t[top] - lid, c = dry[top] + WATER * (f[top] + w[top]), both = c * lid_j / (c + lid_j); if (wet < 0) wet = 0;
                    double moved = over * both * (1 - exp(-(wet + 7 * over) * area * dt / (over * both)));
                    lid += moved / lid_j; h[top] -= moved;
                }
                for (int i = 0; i < n; i++) {
                    if (!rice[i]) continue;
                    double ratio = 0.88 + w[i] / raw[i]; int has = f[i] > 0;
                    if (ratio < full[i]) for (int k = -1; k <= 1; k += 2) { int j = i + k; if (j >= 0 && j < n && filling[j]) { double m = wicks * (full[i] - ratio) / full[i]; if (m > f[j]) m = f[j]; if (m > 0) { f[j] -= m; f[i] += m; h[j] -= WATER * m * t[j]; h[i] += WATER * m * t[j]; has = 1; } } }
                    if (t[i] <= 55) continue;
                    double speed = exp(9562.184 * (0.002679887 - 1 / (t[i] + 273.15))); if (t[i] < 95) speed /= 1 + exp((70 - t[i]) / 2);
                    if (core[i] > 0 && (has || ratio >= 1.28 + 0.82 * (1 - core[i] * core[i]))) { core[i] -= 0.8 * dt / tau[i] * speed; if (core[i] < 0) core[i] = 0; }
                    if (f[i] > 0 && ratio < full[i]) { double m = (full[i] - ratio) * raw[i] * speed * dt / 600; if (m > f[i]) m = f[i]; f[i] -= m; w[i] += m; }
                }
                for (int i = 0; i < n; i++) {
                    if (!filling[i]) continue;
                    double c = in_dry[i] + WATER * iw[i], flow = c * (t[i] - it[i]) * lag[i] / (1 + lag[i] * c / hold[i]);
                    h[i] -= flow; ih[i] += flow; it[i] = ih[i] / c; ct[i] += (it[i] - ct[i]) * centre[i];
                    if (it[i] <= 45) continue;
                    if (tender_s[i] > 0) { tender[i] += dt / tender_s[i] * pow(2, (it[i] - 95) / 8); if (tender[i] > 12) tender[i] = 12; }
                    if (juice[i] > 0) { double stays = (80 - it[i]) / 30; stays = (stays < 0 ? 0 : stays > 1 ? 1 : stays) * juice0[i]; double comes = juice[i] - stays; if (comes > iw[i]) comes = iw[i]; if (comes > 0) { juice[i] -= comes; iw[i] -= comes; f[i] += comes; ih[i] -= WATER * comes * it[i]; h[i] += WATER * comes * it[i]; } }
                }
                for (int i = 1; i < n; i++) {
                    if (!falls[i]) continue;
                    double over = f[i] - holds[i];
                    if (over > 0) { double m = over * dt / 60; f[i] -= m; f[i - 1] += m; h[i] -= WATER * m * t[i]; h[i - 1] += WATER * m * t[i]; }
                    else if (raw[i] > 0 && raw[i - 1] > 0) {
                        double under = f[i - 1] / raw[i - 1], wetter = (under < 0.06 ? under : 0.06) - f[i] / raw[i];
                        if (wetter > 0) { double m = wetter * (raw[i] < raw[i - 1] ? raw[i] : raw[i - 1]) * dt / 600; f[i] += m; f[i - 1] -= m; h[i - 1] -= WATER * m * t[i - 1]; h[i] += WATER * m * t[i - 1]; }
                    }
                }
            }
    }
    clock_gettime(CLOCK_MONOTONIC, &b);
    printf("%.6f %.6f %.6f\n", ((b.tv_sec - a.tv_sec) * 1e3 + (b.tv_nsec - a.tv_nsec) / 1e6) / runs, browning, 1000 * leak);
    return 0;
}
