package gurukram.core.plan;

/** What can stand in a section. */
public sealed interface Item extends Node permits Flow, Step {}
