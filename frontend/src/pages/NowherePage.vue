<template>
    <main class="nowhere">
        <h1>Page not found</h1>
        <p>
            The address may be mistyped, or what it showed was deleted. <RouterLink :to="{ name: 'home' }">Back to your rooms</RouterLink>
        </p>
    </main>
</template>

<style scoped>
.nowhere {
    max-width: 34rem;
    margin: 16vh auto 0;
    padding: 0 20px;
}
</style>
