<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Tekkal</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite('resources/js/app/main.tsx')
</head>
<body>
    <div id="app"></div>
    <noscript>Tekkal needs JavaScript, which this browser does not run.</noscript>
</body>
</html>
