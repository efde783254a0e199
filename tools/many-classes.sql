-- Fills a throw-away database that has every table and nothing in it: as many classes as the setting many.classes says, forty of a
-- teacher, each teacher with a studio, and of every other table what goes with that: some six hundred rows a teacher. Values are made up and mean nothing; how many
-- rows a teacher has of each table, and which rows belong together, is as in a studio. New tables come along by themselves.
-- Needs an owner of the tables; takes away their constraints and their checks, so it is for measuring only.

do $$
declare
    classes   bigint := current_setting('many.classes')::bigint;
    teachers  bigint := greatest(1, current_setting('many.classes')::bigint / 40);
    -- rows a teacher has of a table; five of what is not named
    many      jsonb := '{
        "studio": 1, "teacher": 1, "second_factor": 1, "yoga_class": 40, "revision": 80, "head_move": 80, "taught_class": 25,
        "taught_moment": 75, "room_live": 2, "room_guest": 1, "known_device": 2, "spring_session": 2,
        "spring_session_attributes": 4, "own_ladder": 2, "room": 3, "room_way": 3, "course": 3, "lesson": 24, "practice_card": 20,
        "meeting": 15, "brought_piece": 1, "mailed_secret": 1, "outgoing_mail": 1, "house_member": 2}';
    -- small ones that are the same however many teachers there are
    alone     text[] := array['shedlock', 'flyway_schema_history'];
    one       record;
    col       record;
    names     text;
    exprs     text;
    expr      text;
    rows_each bigint;
    later     text[];
begin
    perform set_config('maintenance_work_mem', '512MB', true);
    for one in select conrelid::regclass::text as rel, conname from pg_constraint
               where contype in ('f', 'c') and connamespace = 'public'::regnamespace and conrelid <> 0 loop
        execute format('alter table %s drop constraint if exists %I cascade', one.rel, one.conname);
    end loop;
    for one in select table_name as name from information_schema.tables
               where table_schema = 'public' and table_type = 'BASE TABLE' and table_name <> all (alone) order by 1 loop
        execute format('alter table %I set unlogged', one.name);
        rows_each := coalesce((many ->> one.name)::bigint, 5);
        -- what only helps to find rows is made once they are there
        select coalesce(array_agg(pg_get_indexdef(indexrelid)), '{}') into later
            from pg_index where indrelid = quote_ident(one.name)::regclass and not indisunique;
        for expr in select indexrelid::regclass::text from pg_index where indrelid = quote_ident(one.name)::regclass and not indisunique loop
            execute format('drop index %s', expr);
        end loop;
        names := '';
        exprs := '';
        for col in select column_name as name, udt_name as type, is_nullable = 'YES' as empty, character_maximum_length as most
                   from information_schema.columns where table_schema = 'public' and table_name = one.name and is_generated = 'NEVER' loop
            expr := case
                when col.name in ('studio_id', 'class_studio_id') or one.name = 'studio' and col.name = 'id' then 'md5(''s'' || n)::uuid'
                when col.name = 'teacher_id' or one.name = 'teacher' and col.name = 'id' then 'md5(''t'' || n)::uuid'
                when col.name = 'class_id' or one.name = 'yoga_class' and col.name = 'id' then 'md5(''c'' || n || ''-'' || i % 40)::uuid'
                when col.name = 'taught_id' or one.name = 'taught_class' and col.name = 'id' then 'md5(''h'' || n || ''-'' || i % 25)::uuid'
                when col.name = 'group_id' or one.name = 'class_group' and col.name = 'id' then 'md5(''g'' || n || ''-'' || i % 5)::uuid'
                when col.name = 'course_id' or one.name = 'course' and col.name = 'id' then 'md5(''k'' || n || ''-'' || i % 3)::uuid'
                when col.name = 'set_id' then 'md5(''d'' || n || ''-'' || i / 3)::uuid'
                when col.name = 'principal_name' then '''t'' || n || ''@many.example'''
                when col.name = 'email' then '''t'' || n || ''@many.example'''
                when col.name in ('primary_id', 'session_primary_id')
                    then 'md5(''z'' || n || ''-'' || i % 2)::uuid::text'
                when col.empty and col.name in ('deleted_at', 'resolved_at', 'settled_at', 'key', 'made_key', 'on_day', 'uid') then null
                when col.type = 'uuid' then format('md5(%L || n || ''-'' || i)::uuid', one.name || col.name)
                when col.type in ('text', 'varchar', 'bpchar') then format('md5(%L || n || ''-'' || i)', one.name || col.name)
                when col.type = 'bytea' then format('decode(md5(%L || n || ''-'' || i), ''hex'')', one.name || col.name)
                when col.type = 'bool' then '(n + i) % 2 = 0'
                when col.type = 'int2' then '(i % 7 + 1)::smallint'
                when col.type in ('int4', 'int8') and col.name = 'version' and one.name = 'yoga_class' then '5'
                when col.type in ('int4', 'int8') then 'i'
                when col.type = 'timestamptz' then 'now() - ((i + 7 * (n % 20)) || '' days'')::interval'
                when col.type = 'date' then 'current_date - (i * 3)::integer'
                when col.type = 'time' then 'time ''18:00'''
                when col.type = 'jsonb' then '''{}''::jsonb'
                when left(col.type, 1) = '_' then format('''{}''::%s[]', substr(col.type, 2))
                else format('no rule for %s', col.type)
            end;
            continue when expr is null;
            names := names || ', ' || quote_ident(col.name);
            exprs := exprs || ', ' || expr;
        end loop;
        execute format(
            'insert into %I (%s) select %s from generate_series(1, %s) n, generate_series(0, %s) i on conflict do nothing',
            one.name, substr(names, 3), substr(exprs, 3), teachers, rows_each - 1);
        foreach expr in array later loop
            execute expr;
        end loop;
        execute format('analyze %I', one.name);
        raise notice '% has its rows', one.name;
    end loop;
end
$$;
