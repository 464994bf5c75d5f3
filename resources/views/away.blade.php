<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Jornel: one moment</title>
    <style>body { font: 1.1rem/1.5 system-ui, sans-serif; max-width: 32rem; margin: 18vh auto; padding: 0 1.5rem; color: #2b2621; background: #f4ede1 } a { color: #12565d }</style>
</head>
<body>
    <h1>One moment</h1>
    <p>{{ $message }}</p>
    <p><a href="">Try again</a></p>
</body>
</html>
