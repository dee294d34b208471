/** Grains as they are seen, from what the core says of each: between glass plates, pressed, or in the pot from above. */
const LONG_PX = 46;

function capsule(ctx, x, y, turn, long, thick) {
    ctx.save();
    ctx.translate(x, y);
    ctx.rotate((turn * Math.PI) / 180);
    ctx.beginPath();
    ctx.ellipse(0, 0, long / 2, thick / 2, 0, 0, 2 * Math.PI);
    ctx.restore();
}

/** A cooked ring that lets light through, and its dense white heart. */
function grain(ctx, one, x, y, scale, dim = 1) {
    const long = LONG_PX * scale * one.long;
    const thick = LONG_PX * scale * one.thick;
    ctx.globalAlpha = dim;
    capsule(ctx, x, y, one.turn, long, thick);
    ctx.fillStyle = one.glass ? 'rgb(228 224 207 / .45)' : '#e4e0cf';
    ctx.fill();
    ctx.lineWidth = 1.2;
    ctx.strokeStyle = '#14211d';
    ctx.stroke();
    if (one.split) {
        // Burst along its side, its ends frayed.
        ctx.save();
        ctx.translate(x, y);
        ctx.rotate((one.turn * Math.PI) / 180);
        ctx.beginPath();
        ctx.moveTo(-long * 0.3, 0);
        for (let i = -2; i <= 3; i++) ctx.lineTo(long * 0.1 * i, (i % 2 ? 1 : -1) * thick * 0.18);
        [-1, 1].forEach((end) => { ctx.moveTo(end * long * 0.5, 0); ctx.lineTo(end * long * 0.58, thick * 0.3); ctx.moveTo(end * long * 0.5,
            0); ctx.lineTo(end * long * 0.58, -thick * 0.3); });
        ctx.stroke();
        ctx.restore();
    }
    if (one.heart > 0 && !one.glass) {
        capsule(ctx, x, y, one.turn, long * (0.25 + 0.75 * one.heart) * 0.94, thick * one.heart * 0.9);
        ctx.fillStyle = '#ffffff';
        ctx.fill();
        ctx.lineWidth = 0.8;
        ctx.setLineDash([3, 2]);
        ctx.stroke();
        ctx.setLineDash([]);
    }
    ctx.globalAlpha = 1;
}

function plates(ctx, { grains }, width, height) {
    ctx.fillStyle = '#9fb3ad';
    ctx.fillRect(0, 0, width, height);
    grains.forEach((one) => grain(ctx, one, width * (0.09 + 0.82 * one.x), height * (0.12 + 0.76 * one.y), 1.15));
    ctx.strokeStyle = '#14211d';
    ctx.lineWidth = 2;
    ctx.strokeRect(6, 6, width - 12, height - 12);
    ctx.globalAlpha = 0.35;
    ctx.strokeRect(14, 14, width - 28, height - 28);
    ctx.globalAlpha = 1;
}

function pot(ctx, { grains, doneness }, width, height) {
    ctx.fillStyle = '#24564f';
    ctx.beginPath();
    ctx.ellipse(width / 2, height / 2, height / 2 - 6, height / 2 - 6, 0, 0, 2 * Math.PI);
    ctx.fill();
    ctx.save();
    ctx.clip();
    // Those that lie low are dim; what rides up is denser and whiter the further it is.
    [false, true].forEach((up) => grains.filter((one) => one.up === up).forEach((one) => {
        const x = width / 2 + (one.x - 0.5) * (height - 30);
        const y = height / 2 + (one.y - 0.5) * (height - 30);
        ctx.globalAlpha = up ? 0.55 + 0.45 * doneness : 0.25;
        capsule(ctx, x, y, one.turn, LONG_PX * 0.72 * one.long, LONG_PX * 0.72 * one.thick);
        ctx.fillStyle = '#ffffff';
        ctx.fill();
        ctx.globalAlpha = 1;
        if (up) { ctx.strokeStyle = '#14211d'; ctx.lineWidth = 1; ctx.stroke(); }
    }));
    ctx.restore();
    ctx.lineWidth = 4;
    ctx.strokeStyle = '#14211d';
    ctx.stroke();
}

/** One grain flattened: how far it spreads and where it parts follows its heart. */
function pressed(ctx, { grains }, width, height) {
    const [one] = grains;
    const heart = one.heart;
    const middle = height / 2;
    const gap = 34 + 90 * heart;
    ctx.strokeStyle = getComputedStyle(ctx.canvas).color;
    ctx.lineWidth = 5;
    [middle - gap / 2, middle + gap / 2].forEach((y) => { ctx.beginPath(); ctx.moveTo(30, y); ctx.lineTo(width - 30, y); ctx.stroke(); });
    const wide = 330 - 150 * heart;
    const draw = (x, long) => {
        capsule(ctx, x, middle, 0, long, gap - 6);
        ctx.fillStyle = '#e4e0cf';
        ctx.fill();
        ctx.lineWidth = 2;
        ctx.strokeStyle = '#14211d';
        ctx.stroke();
    };
    const { parts } = one;
    for (let i = 0; i < parts; i++) {
        const each = wide / parts;
        const x = width / 2 + (i - (parts - 1) / 2) * (each + (parts > 1 ? 10 : 0));
        draw(x, each);
        if (heart > 0) {
            capsule(ctx, x, middle, 0, each * (heart < 0.35 ? 0.8 : heart), (gap - 6) * heart * 0.8);
            ctx.fillStyle = '#ffffff';
            ctx.fill();
            ctx.stroke();
        }
    }
}

export function drawSpoonfuls(root = document) {
    root.querySelectorAll('canvas[data-spoonful]').forEach((canvas) => {
        const { spoonful: form, doneness, grains } = canvas.dataset;
        // Bare numbers weigh a third of named ones: a page may show nine spoonfuls.
        const shown = {
            doneness: Number(doneness),
            grains: JSON.parse(grains).map(([x, y, turn, long, thick, heart, up, glass, split, parts]) => ({
                x, y, turn, long, thick, heart, parts, up: up === 1, glass: glass === 1, split: split === 1,
            })),
        };
        const ctx = canvas.getContext('2d');
        const sharp = Math.min(3, window.devicePixelRatio || 1);
        const [width, height] = [440, 300];
        canvas.width = width * sharp;
        canvas.height = height * sharp;
        ctx.scale(sharp, sharp);
        ({ plates, pot, pressed })[form](ctx, shown, width, height);
    });
}
