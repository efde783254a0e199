-- What a page asked to be done carries a key of its own: asked again, because no answer came, it is not done twice.
alter table head_move add column key uuid;
alter table head_move add column line_at text;
create unique index head_move_key on head_move (studio_id, class_id, key) where key is not null;

alter table yoga_class add column made_key uuid;
create unique index yoga_class_made_key on yoga_class (studio_id, teacher_id, made_key) where made_key is not null;
