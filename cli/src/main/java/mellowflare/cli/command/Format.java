package mellowflare.cli.command;

/** The forms of input and output. */
enum Format {
    /** One JSON object, or an array of them. */
    JSON,
    /** One JSON object a line; streams. */
    JSONL,
    /** A header row and a row a record; streams. */
    CSV,
    /** For reading by people; the input is JSON. */
    TEXT
}
