-- What is over is found by when it ended, of all studios at once.
create index shared_class_ends on shared_class (ends_at);
create index room_guest_ends on room_guest (ends_at);
create index mailed_secret_ends on mailed_secret (ends_at);
create index outgoing_mail_made on outgoing_mail (made_at);
create index brought_piece_at on brought_piece (at);
