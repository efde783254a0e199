package gurukram.web.studio;

import gurukram.core.notation.words.SchoolWords;
import gurukram.core.plan.settings.School;
import gurukram.core.studio.Deed;
import gurukram.core.studio.Rights;
import gurukram.core.studio.Role;
import gurukram.core.text.Plain;
import gurukram.core.text.Refused;
import gurukram.web.account.AccountStore;
import gurukram.web.outbox.Delivery;
import gurukram.web.outbox.OutboxStore;
import gurukram.web.shared.Email;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Secrets;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.WrongRequest;
import gurukram.web.studio.HouseStore.House;
import gurukram.web.studio.HouseStore.Member;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Studios of several teachers. Everything that is done in one asks here first, by the role of whoever asks; to who is not in it the
 * studio is not there.
 */
@Service
public class Houses {
    static final int MOST_LETTERS = 120;
    private static final int MOST_MEMBERS = 500;
    private static final int MOST_EMAIL = 254;

    private final HouseStore store;
    private final OutboxStore outbox;
    private final Delivery delivery;
    private final AccountStore accounts;
    private final SecureRandom random = new SecureRandom();

    Houses(HouseStore store, OutboxStore outbox, Delivery delivery, AccountStore accounts) {
        this.accounts = accounts;
        this.delivery = delivery;
        this.store = store;
        this.outbox = outbox;
    }

    /** The studio, where she may do this in it; {@link NotFound} where she is not in it or may not. */
    House may(Teacher teacher, UUID studio, Deed deed) {
        return may(teacher, studio, deed, false);
    }

    /** The same with what somebody made. @param own whether she made it herself */
    House may(Teacher teacher, UUID studio, Deed deed, boolean own) {
        return store.find(studio, teacher)
                .filter(house -> Rights.may(house.role(), deed, own))
                .orElseThrow(NotFound::new);
    }

    /** What she is in the studio, where she may do this in it; {@link NotFound} where not. @param own whether it is with what she made */
    public Role asked(Teacher teacher, UUID studio, Deed deed, boolean own) {
        return may(teacher, studio, deed, own).role();
    }

    /** Whether she may do this there. */
    public boolean allows(Teacher teacher, UUID studio, Deed deed) {
        return store.find(studio, teacher)
                .filter(house -> Rights.may(house.role(), deed))
                .isPresent();
    }

    /** Its name, to who is in it. */
    public String name(Teacher teacher, UUID studio) {
        return may(teacher, studio, Deed.LEAVE).name();
    }

    List<House> of(Teacher teacher) {
        return store.of(teacher);
    }

    /** Somebody who may be asked to stand in, in a studio both are in. */
    public record Colleague(UUID studio, String studioName, UUID teacher, String name) {}

    /** Whom she may ask to stand in, studio by studio. */
    public List<Colleague> colleagues(Teacher teacher) {
        List<Colleague> all = new ArrayList<>();
        for (House house : store.of(teacher)) {
            if (!Rights.may(house.role(), Deed.ASK_TO_STAND_IN)) continue;
            for (Member member : store.members(house.id()))
                if (!member.id().equals(teacher.id()) && Rights.may(member.role(), Deed.STAND_IN))
                    all.add(new Colleague(house.id(), house.name(), member.id(), member.name()));
        }
        return all;
    }

    /** Studios whose only owner she is while others are in them: their names. They have to be handed over before she goes. */
    public List<String> heldBy(Teacher teacher) {
        return store.of(teacher).stream()
                .filter(house -> house.role() == Role.OWNER)
                .filter(house -> {
                    List<Member> members = store.members(house.id());
                    long owners = members.stream()
                            .filter(member -> member.role() == Role.OWNER)
                            .count();
                    return owners == 1 && members.size() > 1;
                })
                .map(House::name)
                .toList();
    }

    private static Role role(String word) {
        return Role.find(word).orElseThrow(() -> new WrongRequest("no such role"));
    }

    private static String name(String typed) {
        String name = Plain.line(typed, "The name of a studio", MOST_LETTERS).strip();
        if (name.isEmpty()) throw new Refused("A studio has a name.");
        return name;
    }

    @Transactional
    public UUID found(Teacher teacher, String typed) {
        UUID studio = store.found(name(typed));
        store.join(studio, teacher, Role.OWNER);
        store.note(studio, teacher.name(), "founded the studio");
        return studio;
    }

    @Transactional
    public void rename(Teacher teacher, UUID studio, String typed) {
        may(teacher, studio, Deed.RENAME);
        String name = name(typed);
        store.rename(studio, name);
        store.note(studio, teacher.name(), "called it “%s”".formatted(name));
    }

    /**
     * Asks somebody to come, by a link that holds fourteen days and for one; it is mailed where mail is sent from here.
     *
     * @param address a path of ours as people can follow it
     * @return the link
     */
    @Transactional
    public String invite(Teacher teacher, UUID studio, String typed, String as, UnaryOperator<String> address) {
        House house = may(teacher, studio, Deed.INVITE);
        Role role = role(as);
        String email = typed.strip();
        if (!Email.is(email, MOST_EMAIL)) throw new Refused("“%s” is no e-mail address.".formatted(email));
        if (store.members(studio).size() + store.asked(studio).size() >= MOST_MEMBERS)
            throw new Refused("A studio has at most %d members.".formatted(MOST_MEMBERS));
        String secret = Secrets.make(random);
        store.ask(studio, role, email, Secrets.hash(secret));
        String link = address.apply("/come/" + secret);
        if (delivery.isThere())
            outbox.send(email, "%s asks you to come to %s".formatted(teacher.name(), house.name()), """
                %s asks you to come to %s, as %s: %s.

                %s

                The link holds fourteen days, and for one person. If you do not know what this is about, let it be.
                """.formatted(
                            teacher.name(), house.name(), role.word(), role.words(), link));
        // an address in the record would outlive whoever it belongs to
        store.note(studio, teacher.name(), "asked somebody to come as %s".formatted(role.word()));
        return link;
    }

    @Transactional
    public void endInvitation(Teacher teacher, UUID studio, UUID id) {
        may(teacher, studio, Deed.END_INVITATION);
        if (!store.endInvitation(studio, id)) throw new NotFound();
        store.note(studio, teacher.name(), "took an invitation back");
    }

    /** What a link asks for; empty where it has ended or was never made. */
    @Transactional
    public Optional<HouseStore.Open> asked(String secret) {
        return store.open(Secrets.hash(secret));
    }

    /** Comes in; the link is used up. Whoever is in it already stays what she is. */
    @Transactional
    public UUID come(Teacher teacher, String secret) {
        HouseStore.Open open = store.open(Secrets.hash(secret)).orElseThrow(NotFound::new);
        boolean came = store.join(open.studio(), teacher, open.role());
        store.endInvitation(open.studio(), open.id());
        if (came)
            store.note(open.studio(), teacher.name(), "came as " + open.role().word());
        return open.studio();
    }

    private Member member(UUID studio, UUID id) {
        return store.members(studio).stream()
                .filter(member -> member.id().equals(id))
                .findFirst()
                .orElseThrow(NotFound::new);
    }

    /** {@link Refused} where the studio would have no owner any more. */
    @Transactional
    public void change(Teacher teacher, UUID studio, UUID who, String as) {
        may(teacher, studio, Deed.CHANGE_ROLE);
        Role role = role(as);
        Member member = member(studio, who);
        if (role != Role.OWNER) keepAnOwner(studio, who);
        store.change(studio, who, role);
        store.note(studio, teacher.name(), "made %s %s".formatted(member.name(), role.word()));
    }

    private void keepAnOwner(UUID studio, UUID leaving) {
        if (store.holdOwners(studio).equals(List.of(leaving)))
            throw new Refused("A studio has an owner: make somebody else one first.");
    }

    @Transactional
    public void remove(Teacher teacher, UUID studio, UUID who) {
        may(teacher, studio, Deed.REMOVE_MEMBER);
        Member member = member(studio, who);
        keepAnOwner(studio, who);
        store.remove(studio, who);
        store.note(studio, teacher.name(), "took %s out".formatted(member.name()));
    }

    /** Somebody else has the studio from now on; whoever had it stays as a teacher. */
    @Transactional
    public void handOver(Teacher teacher, UUID studio, UUID who) {
        may(teacher, studio, Deed.HAND_OVER);
        Member member = member(studio, who);
        if (member.id().equals(teacher.id())) throw new Refused("It is yours already.");
        store.holdOwners(studio);
        store.change(studio, who, Role.OWNER);
        store.change(studio, teacher.id(), Role.TEACHER);
        store.note(studio, teacher.name(), "handed the studio over to %s".formatted(member.name()));
    }

    /** The rules it goes by, to who is in it; {@link School#UNSET} while there are none. */
    School rules(Teacher teacher, UUID studio) {
        may(teacher, studio, Deed.READ_CLASS);
        return SchoolWords.read(store.rules(studio));
    }

    /** Her rules are the studio's from now on; those of before stand in the record. */
    @Transactional
    public void setRules(Teacher teacher, UUID studio) {
        may(teacher, studio, Deed.SET_RULES);
        String before = store.rules(studio);
        String rules = SchoolWords.write(accounts.school(teacher));
        if (rules.equals(before)) return;
        store.changeRules(studio, rules);
        store.note(
                studio,
                teacher.name(),
                before.isEmpty() ? "gave the studio rules" : "changed the studio’s rules; before: " + before);
    }

    /** She goes by the studio's rules from now on. @return hers of before, in words */
    @Transactional
    public String takeRules(Teacher teacher, UUID studio) {
        may(teacher, studio, Deed.TAKE_RULES);
        String before = SchoolWords.write(accounts.school(teacher));
        accounts.changeSchool(teacher, SchoolWords.read(store.rules(studio)));
        return before;
    }

    /** With the last one the studio goes. */
    @Transactional
    public void leave(Teacher teacher, UUID studio) {
        may(teacher, studio, Deed.LEAVE);
        if (store.members(studio).size() > 1) keepAnOwner(studio, teacher.id());
        store.remove(studio, teacher.id());
        if (store.members(studio).isEmpty()) store.close(studio);
        else store.note(studio, teacher.name(), "left");
    }

    /** She goes from everywhere; a studio that nobody is in any more goes with her. */
    @Transactional
    public void forget(Teacher teacher) {
        List<House> all = store.of(teacher);
        store.forget(teacher);
        for (House house : all) if (store.members(house.id()).isEmpty()) store.close(house.id());
    }

    List<Member> members(Teacher teacher, UUID studio) {
        may(teacher, studio, Deed.SEE_MEMBERS);
        return store.members(studio);
    }

    List<HouseStore.Invitation> invitations(Teacher teacher, UUID studio) {
        may(teacher, studio, Deed.INVITE);
        return store.asked(studio);
    }

    List<HouseStore.Event> record(Teacher teacher, UUID studio) {
        may(teacher, studio, Deed.SEE_RECORD);
        return store.events(studio);
    }

    /** For the record. */
    public void note(UUID studio, Teacher teacher, String what) {
        store.note(studio, teacher.name(), what);
    }
}
