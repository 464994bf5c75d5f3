<?php

// The interface is one page (pages.php) over the interface of api.php; the session cookie's route is Sanctum's own.
