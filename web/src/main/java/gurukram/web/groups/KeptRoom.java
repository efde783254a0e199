package gurukram.web.groups;

import gurukram.core.group.Room;
import gurukram.core.text.Words;
import java.util.UUID;
import java.util.stream.Collectors;

/** A room as it is kept. */
public record KeptRoom(UUID id, Room room) {
    /** {@code 16 mats, a wall; 20 blocks, 10 straps}. */
    public String words() {
        String props = room.props().entrySet().stream()
                .filter(each -> each.getValue() > 0)
                .map(each -> Words.count(each.getValue(), each.getKey()))
                .collect(Collectors.joining(", "));
        return room.mats() + " mats" + (room.wall() ? ", a free wall" : ", no free wall")
                + (props.isEmpty() ? "" : "; " + props);
    }
}
