import { createRouter, createWebHistory } from 'vue-router';

/** Pages for whoever is not signed in. */
export const isForEverybody = (name: unknown): boolean => ['sign-in', 'invitation', 'password'].includes(String(name));

/** Records that a page is about; what else stands in an address is a view of it. */
const RECORDS = ['programme', 'site', 'room', 'unit', 'day', 'token'];

/** Which page an address is of: one that is about another record begins anew. */
export const pageOf = ({ name, params }: { name?: unknown; params: Record<string, unknown> }): string =>
    [String(name), ...RECORDS.map((record) => params[record])].filter(Boolean).join(' ');

export const router = createRouter({
    history: createWebHistory(),
    routes: [
        { path: '/sign-in', name: 'sign-in', component: () => import('./pages/SignInPage.vue') },
        { path: '/account', name: 'account', component: () => import('./pages/AccountPage.vue') },
        { path: '/', name: 'home', component: () => import('./pages/HomePage.vue') },
        { path: '/programmes/:programme(\\d+)', name: 'programme', component: () => import('./pages/ProgrammePage.vue') },
        { path: '/invitations/:token', name: 'invitation', component: () => import('./pages/InvitationPage.vue') },
        { path: '/password/:token', name: 'password', component: () => import('./pages/PasswordPage.vue') },
        { path: '/programmes/:programme(\\d+)/activity', name: 'activity', component: () => import('./pages/ActivityPage.vue') },
        { path: '/programmes/:programme(\\d+)/people', name: 'people', component: () => import('./pages/PeoplePage.vue') },
        { path: '/programmes/:programme(\\d+)/settings', name: 'settings', component: () => import('./pages/SettingsPage.vue') },
        { path: '/programmes/:programme(\\d+)/shopping', name: 'shopping', component: () => import('./pages/ShoppingPage.vue') },
        { path: '/programmes/:programme(\\d+)/stock', name: 'stock', component: () => import('./pages/StockPage.vue') },
        { path: '/programmes/:programme(\\d+)/parts/:kind?/:code?', name: 'parts', component: () => import('./pages/PartsPage.vue') },
        {
            path: '/programmes/:programme(\\d+)/sites/:site(\\d+)/plan',
            name: 'site-plan',
            component: () => import('./pages/SitePlanPage.vue'),
        },
        {
            path: '/programmes/:programme(\\d+)/sites/:site(\\d+)/new-room',
            name: 'new-room',
            component: () => import('./pages/RoomPage.vue'),
        },
        {
            path: '/rooms/:room(\\d+)/:stage(room|target|find|build|kit|guide|sheet|proof)?',
            name: 'room',
            component: () => import('./pages/RoomPage.vue'),
        },
        { path: '/units/:unit(\\d+)', name: 'unit', component: () => import('./pages/UnitPage.vue') },
        { path: '/units/:unit(\\d+)/proof', name: 'proof', component: () => import('./pages/ProofPage.vue') },
        { path: '/programmes/:programme(\\d+)/units', name: 'units', component: () => import('./pages/UnitsPage.vue') },
        { path: '/programmes/:programme(\\d+)/days', name: 'days', component: () => import('./pages/DaysPage.vue') },
        { path: '/days/:day(\\d+)', name: 'day', component: () => import('./pages/DayPage.vue') },
        { path: '/:rest(.*)*', name: 'nowhere', component: () => import('./pages/NowherePage.vue') },
    ],
});
