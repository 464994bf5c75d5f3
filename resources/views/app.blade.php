<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Jornel</title>
    <link rel="icon" href="data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 32 32'%3E%3Cpath d='M4 11 16 5l12 6v13l-12 5-12-5z' fill='%23c69c6d'/%3E%3Cellipse cx='16' cy='11' rx='8' ry='4' fill='%2315636b'/%3E%3C/svg%3E">
    @vite('frontend/src/main.ts')
</head>
<body>
    <div id="jornel"></div>
    <noscript>Jornel needs JavaScript.</noscript>
</body>
</html>
