package gurukram.web.engine;

import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.phrase.PhraseBook;
import gurukram.core.pose.PoseCatalogue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;

/** What ships with the app and never changes: read once, beside everything else that a start does. */
public final class Shipped {
    private static final CompletableFuture<PoseCatalogue> CATALOGUE =
            CompletableFuture.supplyAsync(CatalogueReader::shipped);
    private static final CompletableFuture<PhraseBook> PHRASES = CATALOGUE.thenApplyAsync(PhraseBook::new);

    private Shipped() {}

    /** Begins to read; whoever asks waits for the rest of it. */
    public static void begin() {
        // loading this class does
    }

    /** An unsound catalogue stops the start with all its problems. */
    static PoseCatalogue catalogue() {
        return come(CATALOGUE);
    }

    static PhraseBook phrases() {
        return come(PHRASES);
    }

    private static <T> T come(CompletableFuture<T> what) {
        try {
            return what.join();
        } catch (CompletionException e) {
            if (e.getCause() instanceof RuntimeException problem) throw problem;
            throw e;
        }
    }
}
