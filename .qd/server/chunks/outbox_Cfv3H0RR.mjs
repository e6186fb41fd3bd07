const outbox = {
  /** The key that opens the list. */
  mark: (waiting, refused) => refused > 0 ? `${refused} not taken` : `${waiting} not sent`,
  markOf: "What waits to be sent",
  title: "What was entered on this device",
  keptHere: (title) => `${title}: kept on this device. It is sent as soon as there is a connection.`,
  lead: "Each is kept on this device until Innings has it, and sent in this order.",
  none: "Everything that was entered has arrived.",
  noAnswer: "Innings does not answer. It is tried again by itself.",
  signIn: "Sign in first; then it is sent by itself.",
  forgetful: "This browser keeps nothing on the disk: leave this page open until everything is sent.",
  refusedTitle: "Not taken",
  refusedLead: "These need a decision from you. They stay until then.",
  entered: "Entered here",
  keptThere: "Kept meanwhile",
  at: (time) => `entered ${time}`,
  look: "Look at it",
  sendNow: "Send now",
  again: "Send it again",
  despite: "Enter mine all the same",
  throwAway: "Throw it away",
  leave: "Leave it as it is there",
  decide: "Look at both",
  doneOn: (day) => `done ${day}`,
  notDone: "not done",
  asPlanned: "as planned"
};

export { outbox as o };
