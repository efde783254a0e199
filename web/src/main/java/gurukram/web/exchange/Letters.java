package gurukram.web.exchange;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;

/** The letters of a file, whatever wrote it: as most files are written today, as some offices still write them, or as old ones did. */
final class Letters {
    private static final Charset OLD_OFFICE = Charset.forName("windows-1252");

    private Letters() {}

    static String of(byte[] bytes) {
        if (begins(bytes, 0xFF, 0xFE)) return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16LE);
        if (begins(bytes, 0xFE, 0xFF)) return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16BE);
        int from = begins(bytes, 0xEF, 0xBB, 0xBF) ? 3 : 0;
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes, from, bytes.length - from))
                    .toString();
        } catch (CharacterCodingException e) {
            return new String(bytes, OLD_OFFICE);
        }
    }

    private static boolean begins(byte[] bytes, int... marks) {
        if (bytes.length < marks.length) return false;
        for (int i = 0; i < marks.length; i++) if ((bytes[i] & 0xFF) != marks[i]) return false;
        return true;
    }
}
