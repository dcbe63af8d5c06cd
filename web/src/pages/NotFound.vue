<template>
  <main>
    <h1>No such page</h1>
    <p>The address does not belong to any stage of a piece.</p>
    <RouterLink to="/pieces">All pieces</RouterLink>
  </main>
</template>

<style scoped>
main {
  padding: 80px;
}
</style>
