package gurukram.core.studio;

import java.util.Locale;

/** What can be done in a studio. */
public enum Deed {
    SEE_MEMBERS,
    INVITE,
    END_INVITATION,
    CHANGE_ROLE,
    REMOVE_MEMBER,
    HAND_OVER,
    RENAME,
    LEAVE,
    SEE_RECORD,
    READ_CLASS,
    SHARE_CLASS,
    END_SHARE,
    MAKE_TEMPLATE,
    COPY_CLASS,
    TEACH_CLASS,
    SEE_NEEDS,
    ASK_TO_STAND_IN,
    STAND_IN,
    REMARK,
    RESOLVE_REMARK,
    TAKE_BACK_REMARK,
    /** what belongs to the studio: its rooms, groups, poses, ladders, flows, words */
    SEE_SHELF,
    PUT_ON_SHELF,
    /** what lies there already, in the place of which something else is put */
    CHANGE_ON_SHELF,
    TAKE_FROM_SHELF,
    CLEAR_SHELF,
    SET_RULES,
    TAKE_RULES;

    /** As written in the table. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
