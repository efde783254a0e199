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
    REMARK,
    RESOLVE_REMARK,
    TAKE_BACK_REMARK;

    /** As written in the table. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
