import { STAGES, type Stage } from '@keen-sinew/core';
import { createRouter, createWebHistory, type RouteRecordRaw } from 'vue-router';

const stagePages: Readonly<Record<Stage, NonNullable<RouteRecordRaw['component']>>> = {
  measure: () => import('./stages/measure/MeasureStage.vue'),
  stance: () => import('./stages/stance/StanceStage.vue'),
  wire: () => import('./stages/wire/WireStage.vue'),
  mass: () => import('./stages/mass/MassStage.vue'),
  cure: () => import('./stages/cure/CureStage.vue'),
  skin: () => import('./stages/skin/SkinStage.vue'),
  colour: () => import('./stages/colour/ColourStage.vue'),
  bench: () => import('./stages/bench/BenchStage.vue'),
};

const stageRoutes = STAGES.map((stage): RouteRecordRaw => ({
  path: stage,
  name: stage,
  component: stagePages[stage],
}));

/** The rooms of Measure; all of them belong to its stage. */
const measureRoutes: readonly RouteRecordRaw[] = [
  {
    path: 'measure/pictures/:picture?',
    component: () => import('./stages/measure/PicturesStage.vue'),
    props: true,
    meta: { stage: 'measure' },
  },
  {
    path: 'measure/found',
    component: () => import('./stages/measure/FoundStage.vue'),
    meta: { stage: 'measure' },
  },
  {
    path: 'measure/tape',
    component: () => import('./stages/measure/TapeStage.vue'),
    meta: { stage: 'measure' },
  },
  {
    path: 'measure/photograph',
    component: () => import('./stages/measure/PhotoStage.vue'),
    meta: { stage: 'measure' },
  },
];

/** The rooms of Cure. */
const cureRoutes: readonly RouteRecordRaw[] = [
  {
    path: 'cure/fittings',
    component: () => import('./stages/cure/fittings/FittingsStage.vue'),
    meta: { stage: 'cure' },
  },
  {
    path: 'cure/materials',
    component: () => import('./stages/cure/materials/MaterialsStage.vue'),
    meta: { stage: 'cure' },
  },
];

/** The rooms of Skin. */
const skinRoutes: readonly RouteRecordRaw[] = [
  {
    path: 'skin/lie',
    component: () => import('./stages/skin/lie/LieStage.vue'),
    meta: { stage: 'skin' },
  },
  {
    path: 'skin/scales',
    component: () => import('./stages/skin/scales/ScalesStage.vue'),
    meta: { stage: 'skin' },
  },
  {
    path: 'skin/feathers',
    component: () => import('./stages/skin/feathers/FeathersStage.vue'),
    meta: { stage: 'skin' },
  },
];

/** The rooms of Colour. */
const colourRoutes: readonly RouteRecordRaw[] = [
  {
    path: 'colour/markings',
    component: () => import('./stages/colour/markings/MarkingsStage.vue'),
    meta: { stage: 'colour' },
  },
  {
    path: 'colour/check',
    component: () => import('./stages/colour/check/CheckStage.vue'),
    meta: { stage: 'colour' },
  },
  {
    path: 'colour/pictures',
    component: () => import('./stages/colour/pictures/PalettesStage.vue'),
    meta: { stage: 'colour' },
  },
];

/** The rooms of Bench. */
const benchRoutes: readonly RouteRecordRaw[] = [
  {
    path: 'bench/days',
    component: () => import('./stages/bench/days/DaysStage.vue'),
    meta: { stage: 'bench' },
  },
  {
    path: 'bench/now',
    component: () => import('./stages/bench/now/NowStage.vue'),
    meta: { stage: 'bench' },
  },
  {
    path: 'bench/stock',
    component: () => import('./stages/bench/stock/StockStage.vue'),
    meta: { stage: 'bench' },
  },
  {
    path: 'bench/log',
    component: () => import('./stages/bench/log/LogStage.vue'),
    meta: { stage: 'bench' },
  },
  {
    path: 'bench/finished',
    component: () => import('./stages/bench/finished/FinishedStage.vue'),
    meta: { stage: 'bench' },
  },
];

/** Every screen has an address with its piece in it; stages are loaded when first opened. */
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', component: () => import('./pages/OpenLast.vue') },
    { path: '/pieces', name: 'pieces', component: () => import('./pages/PiecesPage.vue') },
    {
      path: '/workshop',
      name: 'workshop',
      component: () => import('./workshop/WorkshopPage.vue'),
    },
    {
      path: '/library/own/:id',
      name: 'own-animal',
      component: () => import('./library/CreaturePage.vue'),
      props: true,
    },
    {
      path: '/library/:id?',
      name: 'library',
      component: () => import('./library/LibraryPage.vue'),
      props: true,
    },
    {
      path: '/piece/:id',
      component: () => import('./shell/PieceShell.vue'),
      props: true,
      children: [
        { path: '', redirect: (to) => `${to.path}/measure` },
        ...stageRoutes,
        ...measureRoutes,
        ...cureRoutes,
        ...skinRoutes,
        ...colourRoutes,
        ...benchRoutes,
      ],
    },
    {
      path: '/piece/:id/bending/:wire/:bend(\\d+)',
      name: 'bending',
      component: () => import('./bench/BendingPage.vue'),
      props: true,
    },
    {
      path: '/piece/:id/working/:step',
      name: 'working',
      component: () => import('./bench/WorkingPage.vue'),
      props: true,
    },
    { path: '/:pathMatch(.*)*', component: () => import('./pages/NotFound.vue') },
  ],
});
