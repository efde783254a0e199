-- Rows name their teacher together with the studio: a teacher who goes away is looked for among the studio's rows, not in whole tables,
-- and with tables divided by studio both sides of each reference lie at one place.
alter table teacher add constraint teacher_of_studio unique (studio_id, id);

do $$
declare
    one record;
begin
    for one in
        select c.conrelid::regclass as rel, c.conname as name
          from pg_constraint c
         where c.contype = 'f' and c.confrelid = 'teacher'::regclass and cardinality(c.conkey) = 1
           -- where teachers of several studios meet, theirs is another
           and c.conrelid::regclass::text not like 'house\_%'
           and exists (select from pg_attribute a where a.attrelid = c.conrelid and a.attname = 'studio_id')
    loop
        execute format('alter table %s drop constraint %I', one.rel, one.name);
        execute format(
            'alter table %s add constraint %I foreign key (studio_id, teacher_id) references teacher (studio_id, id) not valid',
            one.rel, one.name);
        execute format('alter table %s validate constraint %I', one.rel, one.name);
    end loop;
end
$$;

create index house_class_of on house_class (teacher_id);
create index house_class_class on house_class (class_studio_id, class_id);
create index house_remark_of on house_remark (teacher_id);
create index house_remark_class on house_remark (studio_id, house_class_id);
