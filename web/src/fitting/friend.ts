import { createContext, useContext } from "react";

/** True where a friend's device looks on: it reads, and everything else is its host's to do. */
export const FriendContext = createContext(false);

export const useIsFriend = () => useContext(FriendContext);
