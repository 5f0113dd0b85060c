<?php

declare(strict_types=1);

return [
    'other_small_pieces_that_come_off' => 'Other small pieces that come off with it',
    'piece' => 'Piece :i',
    'spring' => 'spring',
    'how_many_of_piece' => 'How many of piece :i',
    'how_many_of_piece_2' => 'How many of piece',
    'piece_2' => 'Piece',
];
