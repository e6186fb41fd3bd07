import { renderers } from './renderers.mjs';
import { c as createExports, s as serverEntrypointModule } from './chunks/_@astrojs-ssr-adapter_D7Z6_WNi.mjs';
import { manifest } from './manifest_DDJaIZ8v.mjs';

const serverIslandMap = new Map();;

const _page0 = () => import('./pages/_image.astro.mjs');
const _page1 = () => import('./pages/404.astro.mjs');
const _page2 = () => import('./pages/500.astro.mjs');
const _page3 = () => import('./pages/access.astro.mjs');
const _page4 = () => import('./pages/api/access/helpers/end.astro.mjs');
const _page5 = () => import('./pages/api/access/open.astro.mjs');
const _page6 = () => import('./pages/api/access/passphrases.astro.mjs');
const _page7 = () => import('./pages/api/access/sessions/_id_/end.astro.mjs');
const _page8 = () => import('./pages/api/access/sign-in.astro.mjs');
const _page9 = () => import('./pages/api/access/sign-out.astro.mjs');
const _page10 = () => import('./pages/api/access/sign-out-everywhere.astro.mjs');
const _page11 = () => import('./pages/api/access/tokens/_id_/end.astro.mjs');
const _page12 = () => import('./pages/api/access/tokens.astro.mjs');
const _page13 = () => import('./pages/api/bench/kit.astro.mjs');
const _page14 = () => import('./pages/api/bench/pens/_id_/calibrations.astro.mjs');
const _page15 = () => import('./pages/api/bench/pens.astro.mjs');
const _page16 = () => import('./pages/api/bench/samples.astro.mjs');
const _page17 = () => import('./pages/api/bench/tests/_id_/correct.astro.mjs');
const _page18 = () => import('./pages/api/bench/tests/_id_/draft.astro.mjs');
const _page19 = () => import('./pages/api/bench/tests/_id_/finish.astro.mjs');
const _page20 = () => import('./pages/api/bench/tests/_id_/moments/_moment_.astro.mjs');
const _page21 = () => import('./pages/api/bench/tests/_id_/moments.astro.mjs');
const _page22 = () => import('./pages/api/bench/tests/_id_/set-aside.astro.mjs');
const _page23 = () => import('./pages/api/bench/tests/_id_/state.astro.mjs');
const _page24 = () => import('./pages/api/bench/tests/_id_/take-up.astro.mjs');
const _page25 = () => import('./pages/api/bench/tests/_id_/throw-away.astro.mjs');
const _page26 = () => import('./pages/api/bench/tests.astro.mjs');
const _page27 = () => import('./pages/api/bench/water.astro.mjs');
const _page28 = () => import('./pages/api/containers/log/_id_/counts.astro.mjs');
const _page29 = () => import('./pages/api/containers/pasted.astro.mjs');
const _page30 = () => import('./pages/api/containers/plantings/end.astro.mjs');
const _page31 = () => import('./pages/api/containers/plantings/take-out.astro.mjs');
const _page32 = () => import('./pages/api/containers/plantings/_id_/end.astro.mjs');
const _page33 = () => import('./pages/api/containers/plantings/_id_/move.astro.mjs');
const _page34 = () => import('./pages/api/containers/plantings/_id_/move-back.astro.mjs');
const _page35 = () => import('./pages/api/containers/plantings/_id_/take-end-back.astro.mjs');
const _page36 = () => import('./pages/api/containers/plantings.astro.mjs');
const _page37 = () => import('./pages/api/containers/put-away.astro.mjs');
const _page38 = () => import('./pages/api/containers/put-back.astro.mjs');
const _page39 = () => import('./pages/api/containers/take-up.astro.mjs');
const _page40 = () => import('./pages/api/containers/_id_/dress.astro.mjs');
const _page41 = () => import('./pages/api/containers/_id_/earlier.astro.mjs');
const _page42 = () => import('./pages/api/containers/_id_/fill.astro.mjs');
const _page43 = () => import('./pages/api/containers/_id_/log.astro.mjs');
const _page44 = () => import('./pages/api/containers/_id_/more.astro.mjs');
const _page45 = () => import('./pages/api/containers/_id_/photos.astro.mjs');
const _page46 = () => import('./pages/api/containers/_id_/pot-on.astro.mjs');
const _page47 = () => import('./pages/api/containers/_id_.astro.mjs');
const _page48 = () => import('./pages/api/containers.astro.mjs');
const _page49 = () => import('./pages/api/find.astro.mjs');
const _page50 = () => import('./pages/api/health.astro.mjs');
const _page51 = () => import('./pages/api/instruments/balance/pan.astro.mjs');
const _page52 = () => import('./pages/api/instruments/balance.astro.mjs');
const _page53 = () => import('./pages/api/media/heaps.astro.mjs');
const _page54 = () => import('./pages/api/media/lots/_id_/entries/_entryid_/reverse.astro.mjs');
const _page55 = () => import('./pages/api/media/lots/_id_/entries.astro.mjs');
const _page56 = () => import('./pages/api/media/lots/_id_/exposure.astro.mjs');
const _page57 = () => import('./pages/api/media/lots/_id_/findings/_findingid_/counts.astro.mjs');
const _page58 = () => import('./pages/api/media/lots/_id_/findings.astro.mjs');
const _page59 = () => import('./pages/api/media/lots/_id_/place.astro.mjs');
const _page60 = () => import('./pages/api/media/lots/_id_/planted.astro.mjs');
const _page61 = () => import('./pages/api/media/lots/_id_/put-away.astro.mjs');
const _page62 = () => import('./pages/api/media/lots/_id_/readings.astro.mjs');
const _page63 = () => import('./pages/api/media/lots/_id_/take-up.astro.mjs');
const _page64 = () => import('./pages/api/media/lots/_id_/transfers.astro.mjs');
const _page65 = () => import('./pages/api/media/lots/_id_/treatments/_treatmentid_.astro.mjs');
const _page66 = () => import('./pages/api/media/lots/_id_/treatments.astro.mjs');
const _page67 = () => import('./pages/api/media/lots/_id_.astro.mjs');
const _page68 = () => import('./pages/api/media/lots.astro.mjs');
const _page69 = () => import('./pages/api/media/materials.astro.mjs');
const _page70 = () => import('./pages/api/mixes/_id_/lots.astro.mjs');
const _page71 = () => import('./pages/api/mixes/_id_/put-away.astro.mjs');
const _page72 = () => import('./pages/api/mixes/_id_/take-up.astro.mjs');
const _page73 = () => import('./pages/api/mixes/_id_/versions.astro.mjs');
const _page74 = () => import('./pages/api/mixes.astro.mjs');
const _page75 = () => import('./pages/api/photos/_id_.astro.mjs');
const _page76 = () => import('./pages/api/places/_id_/put-away.astro.mjs');
const _page77 = () => import('./pages/api/places/_id_.astro.mjs');
const _page78 = () => import('./pages/api/places.astro.mjs');
const _page79 = () => import('./pages/api/recondition/found.astro.mjs');
const _page80 = () => import('./pages/api/recondition/ladders.astro.mjs');
const _page81 = () => import('./pages/api/recondition/work-orders/_id_/finish.astro.mjs');
const _page82 = () => import('./pages/api/recondition/work-orders/_id_/put-away.astro.mjs');
const _page83 = () => import('./pages/api/recondition/work-orders/_id_/steps/_stepid_.astro.mjs');
const _page84 = () => import('./pages/api/recondition/work-orders/_id_/take-up.astro.mjs');
const _page85 = () => import('./pages/api/recondition/work-orders/_id_/undo-finish.astro.mjs');
const _page86 = () => import('./pages/api/recondition/work-orders.astro.mjs');
const _page87 = () => import('./pages/api/site/place.astro.mjs');
const _page88 = () => import('./pages/api/site/ppm.astro.mjs');
const _page89 = () => import('./pages/api/site/practice.astro.mjs');
const _page90 = () => import('./pages/api/trials/import.astro.mjs');
const _page91 = () => import('./pages/api/trials/_id_/close.astro.mjs');
const _page92 = () => import('./pages/api/trials/_id_/events.astro.mjs');
const _page93 = () => import('./pages/api/trials/_id_/findings/_findingid_/end.astro.mjs');
const _page94 = () => import('./pages/api/trials/_id_/findings.astro.mjs');
const _page95 = () => import('./pages/api/trials/_id_/layout.astro.mjs');
const _page96 = () => import('./pages/api/trials/_id_/left-out.astro.mjs');
const _page97 = () => import('./pages/api/trials/_id_/lessons.astro.mjs');
const _page98 = () => import('./pages/api/trials/_id_/looks.astro.mjs');
const _page99 = () => import('./pages/api/trials/_id_/package.astro.mjs');
const _page100 = () => import('./pages/api/trials/_id_/plant.astro.mjs');
const _page101 = () => import('./pages/api/trials/_id_/pots.astro.mjs');
const _page102 = () => import('./pages/api/trials/_id_/put-away.astro.mjs');
const _page103 = () => import('./pages/api/trials/_id_/readings.astro.mjs');
const _page104 = () => import('./pages/api/trials/_id_/steps.astro.mjs');
const _page105 = () => import('./pages/api/trials/_id_/take-up.astro.mjs');
const _page106 = () => import('./pages/api/trials/_id_.astro.mjs');
const _page107 = () => import('./pages/api/trials.astro.mjs');
const _page108 = () => import('./pages/bench/compare.astro.mjs');
const _page109 = () => import('./pages/bench/kit.astro.mjs');
const _page110 = () => import('./pages/bench/pens.astro.mjs');
const _page111 = () => import('./pages/bench/samples/_kind_/_id_.astro.mjs');
const _page112 = () => import('./pages/bench/tests/_id_.astro.mjs');
const _page113 = () => import('./pages/bench.astro.mjs');
const _page114 = () => import('./pages/c/_code_.astro.mjs');
const _page115 = () => import('./pages/labels.astro.mjs');
const _page116 = () => import('./pages/log.astro.mjs');
const _page117 = () => import('./pages/lots/audit.astro.mjs');
const _page118 = () => import('./pages/lots/new.astro.mjs');
const _page119 = () => import('./pages/lots/_id_.astro.mjs');
const _page120 = () => import('./pages/lots.astro.mjs');
const _page121 = () => import('./pages/mixes/compare.astro.mjs');
const _page122 = () => import('./pages/mixes/design.astro.mjs');
const _page123 = () => import('./pages/mixes/layers.astro.mjs');
const _page124 = () => import('./pages/mixes.astro.mjs');
const _page125 = () => import('./pages/pots/paste.astro.mjs');
const _page126 = () => import('./pages/pots/places.astro.mjs');
const _page127 = () => import('./pages/pots/_id_.astro.mjs');
const _page128 = () => import('./pages/pots.astro.mjs');
const _page129 = () => import('./pages/practice.astro.mjs');
const _page130 = () => import('./pages/sign-in.astro.mjs');
const _page131 = () => import('./pages/trials/candidates.astro.mjs');
const _page132 = () => import('./pages/trials/new.astro.mjs');
const _page133 = () => import('./pages/trials/pots.astro.mjs');
const _page134 = () => import('./pages/trials/_id_/look.astro.mjs');
const _page135 = () => import('./pages/trials/_id_/report.astro.mjs');
const _page136 = () => import('./pages/trials/_id_/results.astro.mjs');
const _page137 = () => import('./pages/trials/_id_.astro.mjs');
const _page138 = () => import('./pages/trials.astro.mjs');
const _page139 = () => import('./pages/turnover/batches.astro.mjs');
const _page140 = () => import('./pages/turnover/found.astro.mjs');
const _page141 = () => import('./pages/turnover/new.astro.mjs');
const _page142 = () => import('./pages/turnover/orders/_id_.astro.mjs');
const _page143 = () => import('./pages/turnover/plan.astro.mjs');
const _page144 = () => import('./pages/turnover/recipe.astro.mjs');
const _page145 = () => import('./pages/turnover/ways.astro.mjs');
const _page146 = () => import('./pages/turnover.astro.mjs');
const _page147 = () => import('./pages/index.astro.mjs');
const pageMap = new Map([
    ["node_modules/astro/dist/assets/endpoint/node.js", _page0],
    ["src/pages/404.astro", _page1],
    ["src/pages/500.astro", _page2],
    ["src/pages/access.astro", _page3],
    ["src/pages/api/access/helpers/end.ts", _page4],
    ["src/pages/api/access/open.ts", _page5],
    ["src/pages/api/access/passphrases.ts", _page6],
    ["src/pages/api/access/sessions/[id]/end.ts", _page7],
    ["src/pages/api/access/sign-in.ts", _page8],
    ["src/pages/api/access/sign-out.ts", _page9],
    ["src/pages/api/access/sign-out-everywhere.ts", _page10],
    ["src/pages/api/access/tokens/[id]/end.ts", _page11],
    ["src/pages/api/access/tokens/index.ts", _page12],
    ["src/pages/api/bench/kit.ts", _page13],
    ["src/pages/api/bench/pens/[id]/calibrations.ts", _page14],
    ["src/pages/api/bench/pens/index.ts", _page15],
    ["src/pages/api/bench/samples.ts", _page16],
    ["src/pages/api/bench/tests/[id]/correct.ts", _page17],
    ["src/pages/api/bench/tests/[id]/draft.ts", _page18],
    ["src/pages/api/bench/tests/[id]/finish.ts", _page19],
    ["src/pages/api/bench/tests/[id]/moments/[moment].ts", _page20],
    ["src/pages/api/bench/tests/[id]/moments/index.ts", _page21],
    ["src/pages/api/bench/tests/[id]/set-aside.ts", _page22],
    ["src/pages/api/bench/tests/[id]/state.ts", _page23],
    ["src/pages/api/bench/tests/[id]/take-up.ts", _page24],
    ["src/pages/api/bench/tests/[id]/throw-away.ts", _page25],
    ["src/pages/api/bench/tests/index.ts", _page26],
    ["src/pages/api/bench/water.ts", _page27],
    ["src/pages/api/containers/log/[id]/counts.ts", _page28],
    ["src/pages/api/containers/pasted.ts", _page29],
    ["src/pages/api/containers/plantings/end.ts", _page30],
    ["src/pages/api/containers/plantings/take-out.ts", _page31],
    ["src/pages/api/containers/plantings/[id]/end.ts", _page32],
    ["src/pages/api/containers/plantings/[id]/move.ts", _page33],
    ["src/pages/api/containers/plantings/[id]/move-back.ts", _page34],
    ["src/pages/api/containers/plantings/[id]/take-end-back.ts", _page35],
    ["src/pages/api/containers/plantings/index.ts", _page36],
    ["src/pages/api/containers/put-away.ts", _page37],
    ["src/pages/api/containers/put-back.ts", _page38],
    ["src/pages/api/containers/take-up.ts", _page39],
    ["src/pages/api/containers/[id]/dress.ts", _page40],
    ["src/pages/api/containers/[id]/earlier.ts", _page41],
    ["src/pages/api/containers/[id]/fill.ts", _page42],
    ["src/pages/api/containers/[id]/log.ts", _page43],
    ["src/pages/api/containers/[id]/more.ts", _page44],
    ["src/pages/api/containers/[id]/photos.ts", _page45],
    ["src/pages/api/containers/[id]/pot-on.ts", _page46],
    ["src/pages/api/containers/[id]/index.ts", _page47],
    ["src/pages/api/containers/index.ts", _page48],
    ["src/pages/api/find.ts", _page49],
    ["src/pages/api/health.ts", _page50],
    ["src/pages/api/instruments/balance/pan.ts", _page51],
    ["src/pages/api/instruments/balance/index.ts", _page52],
    ["src/pages/api/media/heaps/index.ts", _page53],
    ["src/pages/api/media/lots/[id]/entries/[entryId]/reverse.ts", _page54],
    ["src/pages/api/media/lots/[id]/entries/index.ts", _page55],
    ["src/pages/api/media/lots/[id]/exposure.ts", _page56],
    ["src/pages/api/media/lots/[id]/findings/[findingId]/counts.ts", _page57],
    ["src/pages/api/media/lots/[id]/findings/index.ts", _page58],
    ["src/pages/api/media/lots/[id]/place.ts", _page59],
    ["src/pages/api/media/lots/[id]/planted.ts", _page60],
    ["src/pages/api/media/lots/[id]/put-away.ts", _page61],
    ["src/pages/api/media/lots/[id]/readings/index.ts", _page62],
    ["src/pages/api/media/lots/[id]/take-up.ts", _page63],
    ["src/pages/api/media/lots/[id]/transfers/index.ts", _page64],
    ["src/pages/api/media/lots/[id]/treatments/[treatmentId].ts", _page65],
    ["src/pages/api/media/lots/[id]/treatments/index.ts", _page66],
    ["src/pages/api/media/lots/[id]/index.ts", _page67],
    ["src/pages/api/media/lots/index.ts", _page68],
    ["src/pages/api/media/materials/index.ts", _page69],
    ["src/pages/api/mixes/[id]/lots.ts", _page70],
    ["src/pages/api/mixes/[id]/put-away.ts", _page71],
    ["src/pages/api/mixes/[id]/take-up.ts", _page72],
    ["src/pages/api/mixes/[id]/versions.ts", _page73],
    ["src/pages/api/mixes/index.ts", _page74],
    ["src/pages/api/photos/[id].ts", _page75],
    ["src/pages/api/places/[id]/put-away.ts", _page76],
    ["src/pages/api/places/[id]/index.ts", _page77],
    ["src/pages/api/places/index.ts", _page78],
    ["src/pages/api/recondition/found.ts", _page79],
    ["src/pages/api/recondition/ladders.ts", _page80],
    ["src/pages/api/recondition/work-orders/[id]/finish.ts", _page81],
    ["src/pages/api/recondition/work-orders/[id]/put-away.ts", _page82],
    ["src/pages/api/recondition/work-orders/[id]/steps/[stepId].ts", _page83],
    ["src/pages/api/recondition/work-orders/[id]/take-up.ts", _page84],
    ["src/pages/api/recondition/work-orders/[id]/undo-finish.ts", _page85],
    ["src/pages/api/recondition/work-orders/index.ts", _page86],
    ["src/pages/api/site/place.ts", _page87],
    ["src/pages/api/site/ppm.ts", _page88],
    ["src/pages/api/site/practice.ts", _page89],
    ["src/pages/api/trials/import.ts", _page90],
    ["src/pages/api/trials/[id]/close.ts", _page91],
    ["src/pages/api/trials/[id]/events.ts", _page92],
    ["src/pages/api/trials/[id]/findings/[findingId]/end.ts", _page93],
    ["src/pages/api/trials/[id]/findings/index.ts", _page94],
    ["src/pages/api/trials/[id]/layout.ts", _page95],
    ["src/pages/api/trials/[id]/left-out.ts", _page96],
    ["src/pages/api/trials/[id]/lessons.ts", _page97],
    ["src/pages/api/trials/[id]/looks.ts", _page98],
    ["src/pages/api/trials/[id]/package.ts", _page99],
    ["src/pages/api/trials/[id]/plant.ts", _page100],
    ["src/pages/api/trials/[id]/pots.ts", _page101],
    ["src/pages/api/trials/[id]/put-away.ts", _page102],
    ["src/pages/api/trials/[id]/readings.ts", _page103],
    ["src/pages/api/trials/[id]/steps.ts", _page104],
    ["src/pages/api/trials/[id]/take-up.ts", _page105],
    ["src/pages/api/trials/[id]/index.ts", _page106],
    ["src/pages/api/trials/index.ts", _page107],
    ["src/pages/bench/compare.astro", _page108],
    ["src/pages/bench/kit.astro", _page109],
    ["src/pages/bench/pens.astro", _page110],
    ["src/pages/bench/samples/[kind]/[id].astro", _page111],
    ["src/pages/bench/tests/[id].astro", _page112],
    ["src/pages/bench/index.astro", _page113],
    ["src/pages/c/[code].astro", _page114],
    ["src/pages/labels.astro", _page115],
    ["src/pages/log.astro", _page116],
    ["src/pages/lots/audit.astro", _page117],
    ["src/pages/lots/new.astro", _page118],
    ["src/pages/lots/[id].astro", _page119],
    ["src/pages/lots/index.astro", _page120],
    ["src/pages/mixes/compare.astro", _page121],
    ["src/pages/mixes/design.astro", _page122],
    ["src/pages/mixes/layers.astro", _page123],
    ["src/pages/mixes/index.astro", _page124],
    ["src/pages/pots/paste.astro", _page125],
    ["src/pages/pots/places.astro", _page126],
    ["src/pages/pots/[id].astro", _page127],
    ["src/pages/pots/index.astro", _page128],
    ["src/pages/practice.astro", _page129],
    ["src/pages/sign-in.astro", _page130],
    ["src/pages/trials/candidates.astro", _page131],
    ["src/pages/trials/new.astro", _page132],
    ["src/pages/trials/pots.astro", _page133],
    ["src/pages/trials/[id]/look.astro", _page134],
    ["src/pages/trials/[id]/report.astro", _page135],
    ["src/pages/trials/[id]/results.astro", _page136],
    ["src/pages/trials/[id]/index.astro", _page137],
    ["src/pages/trials/index.astro", _page138],
    ["src/pages/turnover/batches.astro", _page139],
    ["src/pages/turnover/found.astro", _page140],
    ["src/pages/turnover/new.astro", _page141],
    ["src/pages/turnover/orders/[id].astro", _page142],
    ["src/pages/turnover/plan.astro", _page143],
    ["src/pages/turnover/recipe.astro", _page144],
    ["src/pages/turnover/ways.astro", _page145],
    ["src/pages/turnover/index.astro", _page146],
    ["src/pages/index.astro", _page147]
]);

const _manifest = Object.assign(manifest, {
    pageMap,
    serverIslandMap,
    renderers,
    actions: () => import('./noop-entrypoint.mjs'),
    middleware: () => import('./_astro-internal_middleware.mjs')
});
const _args = {
    "mode": "standalone",
    "client": "file:///work/main/dist/client/",
    "server": "file:///work/main/dist/server/",
    "host": false,
    "port": 4321,
    "assets": "_astro",
    "experimentalStaticHeaders": false
};
const _exports = createExports(_manifest, _args);
const handler = _exports['handler'];
const startServer = _exports['startServer'];
const options = _exports['options'];
const _start = 'start';
if (Object.prototype.hasOwnProperty.call(serverEntrypointModule, _start)) {
	serverEntrypointModule[_start](_manifest, _args);
}

export { handler, options, pageMap, startServer };
