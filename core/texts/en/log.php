<?php

declare(strict_types=1);

// What is said of a meter's log: why it cannot be read, and what was done about what is odd in it.
return [
    'too-large' => 'This file has {megabytes} MB; at most {most} MB are read. Export the hours of the test alone.',
    'too-many-lines' => 'This file has {count} lines; at most {most} are read. Export the hours of the test alone.',
    'line-too-long' => 'Line {line} is longer than {most} letters: this is no log of readings.',
    'out-of-range' => 'Line {line}: “{entry}” is nothing that a meter can tell. Correct the file, or leave the line out.',
    'time-out-of-range' => 'Line {line}: its time lies outside the years 1970 to 2100.',
    'too-long' => 'Line {line} lies {days} days after the first reading; at most a year is read. Is the unit of the time right?',
    'too-close' => 'Line {line} lies within a thousandth of a second of the reading before it. Is the unit of the time right?',
    'empty' => 'The file is empty.',
    'no-text' => 'This is no text file. Export the log as CSV.',
    'no-readings' => 'No line holds a time and a reading. Line {line} is the first that was looked at: “{entry}”.',
    'no-time' => 'No column tells the time: there must be one with dates, times of day, or seconds or minutes.',
    'no-value' => 'No column holds numbers that could be a concentration of particles.',
    'few-readings' => 'Only {count} of {lines} lines can be read; the first that cannot is line {line}: “{entry}”.',
    'unknown-column' => 'There is no such column here; there are: {choices}.',
    'unknown-sensor' => 'There is no such sensor here; there are: {choices}.',
    'clock-mismatch' => 'The times of this column are not written so. Choose another way of reading them, or another column.',
    'preamble' => 'The first {count} lines are a heading and were passed over.',
    'left-out' => 'Line {line}: “{entry}” is no reading; {count} such lines were left out.',
    'out-of-order' => 'Line {line}: readings were not in order of time; they were sorted.',
    'repeated' => 'Line {line}: the same time comes more than once ({count} times in all); the mean of its readings counts.',
    'spread' => 'Line {line}: several readings have the same time, as the clock tells no finer; they were spread evenly.',
    'gap' => 'Line {line}: nothing was logged for {minutes} minutes; {count} gaps in all.',
    'midnight' => 'Line {line}: past midnight; the day goes on.',
    'clock-back' => 'Line {line}: the clock was set back an hour; the times after it were set right.',
    'clock-forward' => 'Line {line}: the clock was set forward an hour; the times after it were set right.',
    'negative' => 'Line {line}: {count} readings are below zero; they count as they are.',
    'sensors' => 'Several sensors are in this file: {names}. {name} is shown; choose another above.',
    'guessed-value' => 'No column is named as PM2.5; “{name}” was taken for it.',
    'guessed-clock' => 'The unit of the time is not told; it was taken as {unit}.',
];
