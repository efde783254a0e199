package gurukram.core.studio;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Every role and every deed, said once more by hand. */
class RightsTest {
    /** Who may, whoever made it. */
    private static final Map<Deed, Set<Role>> ANY = Map.ofEntries(
            Map.entry(Deed.SEE_MEMBERS, EnumSet.of(Role.OWNER, Role.TEACHER, Role.SUBSTITUTE)),
            Map.entry(Deed.INVITE, EnumSet.of(Role.OWNER)),
            Map.entry(Deed.END_INVITATION, EnumSet.of(Role.OWNER)),
            Map.entry(Deed.CHANGE_ROLE, EnumSet.of(Role.OWNER)),
            Map.entry(Deed.REMOVE_MEMBER, EnumSet.of(Role.OWNER)),
            Map.entry(Deed.HAND_OVER, EnumSet.of(Role.OWNER)),
            Map.entry(Deed.RENAME, EnumSet.of(Role.OWNER)),
            Map.entry(Deed.LEAVE, EnumSet.allOf(Role.class)),
            Map.entry(Deed.SEE_RECORD, EnumSet.of(Role.OWNER)),
            Map.entry(Deed.READ_CLASS, EnumSet.allOf(Role.class)),
            Map.entry(Deed.SHARE_CLASS, EnumSet.of(Role.OWNER, Role.TEACHER)),
            Map.entry(Deed.END_SHARE, EnumSet.of(Role.OWNER)),
            Map.entry(Deed.MAKE_TEMPLATE, EnumSet.of(Role.OWNER)),
            Map.entry(Deed.COPY_CLASS, EnumSet.of(Role.OWNER, Role.TEACHER, Role.SUBSTITUTE)),
            Map.entry(Deed.TEACH_CLASS, EnumSet.of(Role.OWNER, Role.TEACHER, Role.SUBSTITUTE)),
            Map.entry(Deed.SEE_NEEDS, EnumSet.of(Role.OWNER, Role.TEACHER, Role.SUBSTITUTE)),
            Map.entry(Deed.ASK_TO_STAND_IN, EnumSet.of(Role.OWNER, Role.TEACHER)),
            Map.entry(Deed.STAND_IN, EnumSet.of(Role.OWNER, Role.TEACHER, Role.SUBSTITUTE)),
            Map.entry(Deed.REMARK, EnumSet.of(Role.OWNER, Role.TEACHER)),
            Map.entry(Deed.RESOLVE_REMARK, EnumSet.of(Role.OWNER)),
            Map.entry(Deed.TAKE_BACK_REMARK, EnumSet.noneOf(Role.class)),
            Map.entry(Deed.SEE_SHELF, EnumSet.of(Role.OWNER, Role.TEACHER, Role.SUBSTITUTE)),
            Map.entry(Deed.PUT_ON_SHELF, EnumSet.of(Role.OWNER, Role.TEACHER)),
            Map.entry(Deed.CHANGE_ON_SHELF, EnumSet.of(Role.OWNER)),
            Map.entry(Deed.TAKE_FROM_SHELF, EnumSet.of(Role.OWNER, Role.TEACHER, Role.SUBSTITUTE)),
            Map.entry(Deed.CLEAR_SHELF, EnumSet.of(Role.OWNER)),
            Map.entry(Deed.SET_RULES, EnumSet.of(Role.OWNER)),
            Map.entry(Deed.TAKE_RULES, EnumSet.of(Role.OWNER, Role.TEACHER, Role.SUBSTITUTE)));

    /** Who else may where it is her own. */
    private static final Map<Deed, Set<Role>> OWN = Map.of(
            Deed.END_SHARE, EnumSet.of(Role.TEACHER),
            Deed.RESOLVE_REMARK, EnumSet.of(Role.TEACHER),
            Deed.TAKE_BACK_REMARK, EnumSet.of(Role.OWNER, Role.TEACHER),
            Deed.CHANGE_ON_SHELF, EnumSet.of(Role.TEACHER),
            Deed.CLEAR_SHELF, EnumSet.of(Role.TEACHER));

    @Test
    void everyRoleAndEveryDeed() {
        assertThat(ANY).hasSameSizeAs(Deed.values());
        for (Deed deed : Deed.values())
            for (Role role : Role.values()) {
                boolean any = ANY.get(deed).contains(role);
                boolean own = any || OWN.getOrDefault(deed, Set.of()).contains(role);
                assertThat(Rights.may(role, deed)).as("%s %s", role, deed).isEqualTo(any);
                assertThat(Rights.may(role, deed, false))
                        .as("%s %s of others", role, deed)
                        .isEqualTo(any);
                assertThat(Rights.may(role, deed, true))
                        .as("%s %s of her own", role, deed)
                        .isEqualTo(own);
            }
    }

    @Test
    void rolesAreFoundByTheirWordsOnly() {
        for (Role role : Role.values()) assertThat(Role.find(role.word())).contains(role);
        assertThat(Role.find("admin")).isEmpty();
    }
}
